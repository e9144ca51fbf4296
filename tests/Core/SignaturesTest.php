<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What is handed to a function can be told apart where it is handed over. */
final class SignaturesTest extends TestCase
{
    private const MOST = 8;

    /** Of this many arguments nobody remembers the order. */
    private const NAMED_OVER = 5;

    /** They take any number of the same. */
    private const ANY_NUMBER = ['said', 'sprintf'];

    public function test_no_parameter_list_is_too_long_and_long_ones_are_named_at_the_call(): void
    {
        $long = $unnamed = [];
        foreach (self::files() as $path => $nodes) {
            foreach ($nodes as $node) {
                $at = "$path:{$node->getStartLine()}";
                if ($node instanceof Node\FunctionLike && count($node->getParams()) > self::MOST) {
                    $long[] = $at;
                }
                if ($node instanceof Node\Expr\CallLike && self::isUnnamed($node)) {
                    $unnamed[] = $at;
                }
            }
        }
        self::assertSame([], $long, 'Give what belongs together an object of its own.');
        self::assertSame([], $unnamed, 'Name the arguments.');
    }

    private static function isUnnamed(Node\Expr\CallLike $call): bool
    {
        if ($call->isFirstClassCallable() || count($call->getArgs()) <= self::NAMED_OVER) {
            return false;
        }
        $name = $call instanceof Node\Expr\New_ ? null : ($call->name ?? null);

        return array_filter($call->getArgs(), fn (Node\Arg $one): bool => $one->name === null) !== []
            && ! in_array($name instanceof Node ? (string) ($name->name ?? '') : '', self::ANY_NUMBER, true);
    }

    /** @return iterable<string, array<Node>> what stands in each file of core/ */
    private static function files(): iterable
    {
        $root = dirname(__DIR__, 2);
        $parser = (new ParserFactory)->createForHostVersion();
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/core")) as $file) {
            assert($file instanceof SplFileInfo);
            if ($file->getExtension() === 'php') {
                yield substr($file->getPathname(), strlen($root) + 1) => (new NodeFinder)->find(
                    $parser->parse((string) file_get_contents($file->getPathname())) ?? [],
                    fn (Node $node): bool => $node instanceof Node\FunctionLike || $node instanceof Node\Expr\CallLike,
                );
            }
        }
    }

    /** A made-up shop and made-up weather are worked out where they are made up. */
    public function test_no_circle_root_or_power_is_worked_out_beside_the_core(): void
    {
        $worked = [];
        $folder = dirname(__DIR__, 2).'/app';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder)) as $file) {
            assert($file instanceof SplFileInfo);
            $path = substr($file->getPathname(), strlen($folder) + 1);
            if ($file->getExtension() !== 'php' || preg_match('~^(Demo|Devices)/~', $path) === 1) {
                continue;
            }
            foreach (\PhpToken::tokenize((string) file_get_contents($file->getPathname())) as $token) {
                if ($token->is(T_STRING) && in_array($token->text, [
                    'M_PI', 'sqrt', 'sin', 'cos', 'tan', 'asin', 'acos', 'atan', 'atan2', 'hypot', 'exp', 'pow',
                    'deg2rad', 'rad2deg',
                ], true)) {
                    $worked[] = "$path:$token->line $token->text";
                }
            }
        }
        self::assertSame([], $worked, 'What a turner would work out belongs into core/.');
    }
}
