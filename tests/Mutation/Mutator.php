<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\Node\Stmt;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor;
use PhpParser\NodeVisitor\CloningVisitor;
use PhpParser\NodeVisitor\ParentConnectingVisitor;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;

/**
 * Makes the mutants of a file: conditions turned round, comparisons inverted, thresholds moved, statements and members
 * of lists taken out, what is returned left empty.
 */
final readonly class Mutator
{
    private const INVERTED = [
        BinaryOp\Identical::class => BinaryOp\NotIdentical::class,
        BinaryOp\NotIdentical::class => BinaryOp\Identical::class,
        BinaryOp\Smaller::class => BinaryOp\GreaterOrEqual::class,
        BinaryOp\SmallerOrEqual::class => BinaryOp\Greater::class,
        BinaryOp\Greater::class => BinaryOp\SmallerOrEqual::class,
        BinaryOp\GreaterOrEqual::class => BinaryOp\Smaller::class,
        BinaryOp\BooleanAnd::class => BinaryOp\BooleanOr::class,
        BinaryOp\BooleanOr::class => BinaryOp\BooleanAnd::class,
    ];

    private const ROUNDING = 1e-3;

    /** @return list<Mutant> */
    public function of(string $file): array
    {
        $mutants = [];
        $code = (string) file_get_contents($file);
        $tree = $this->parsed($code);
        $methods = (new NodeFinder)->findInstanceOf($tree, Stmt\ClassMethod::class);
        foreach ($methods as $method) {
            foreach ((new NodeFinder)->find($method->stmts ?? [], fn (): bool => true) as $node) {
                foreach ($this->changes($node) as $what => $changed) {
                    $mutants[] = new Mutant(
                        $file, $node->getStartLine(), (string) $method->name, $what,
                        $this->with($tree, $node, $changed),
                    );
                }
            }
        }

        return $mutants;
    }

    /** @return array<string, Node|int> what is done => what takes its place */
    private function changes(Node $node): array
    {
        return match (true) {
            $node instanceof BinaryOp && isset(self::INVERTED[$node::class]) => [
                'inverts '.$node->getOperatorSigil() => new (self::INVERTED[$node::class])($node->left, $node->right),
            ],
            $node instanceof Stmt\If_ => ['turns the condition round' => $this->turned($node)],
            $node instanceof Expr\Ternary && $node->if !== null => [
                'turns the choice round' => new Expr\Ternary($node->cond, $node->else, $node->if),
            ],
            // So small a number guards against rounding, and is no threshold.
            $node instanceof Scalar\Float_ && $node->value > 0.0 && $node->value < self::ROUNDING => [],
            $node instanceof Scalar\Float_ => ["moves the threshold $node->value" => new Scalar\Float_(
                $node->value === 0.0 ? 1.0 : $node->value * 1.5,
            )],
            $node instanceof Scalar\Int_ && ! $node->getAttribute('parent') instanceof Node\ArrayItem => [
                "moves the threshold $node->value" => new Scalar\Int_($node->value + 1),
            ],
            $node instanceof Stmt\Expression && ! $node->expr instanceof Expr\Throw_
                && ! ($node->expr instanceof Expr\Assign && $node->expr->var instanceof Expr\Variable) => [
                    'takes the statement out' => new Stmt\Nop,
                ],
            $node instanceof Node\ArrayItem && $node->key === null
                && ! $node->getAttribute('parent') instanceof Expr\List_ => [
                    'leaves one of a list out' => NodeVisitor::REMOVE_NODE,
                ],
            $node instanceof Stmt\Return_ && $node->expr instanceof Expr\Array_ && $node->expr->items !== [] => [
                'returns nothing' => new Stmt\Return_(new Expr\Array_([])),
            ],
            default => [],
        };
    }

    private function turned(Stmt\If_ $if): Stmt\If_
    {
        $turned = clone $if;
        $turned->cond = new Expr\BooleanNot($if->cond);

        return $turned;
    }

    /** @param  list<Node>  $tree */
    private function with(array $tree, Node $from, Node|int $to): string
    {
        $at = $from->getStartFilePos();
        $end = $from->getEndFilePos();
        $visitor = new class($at, $end, $from::class, $to) extends NodeVisitorAbstract
        {
            private bool $isDone = false;

            public function __construct(
                private int $at,
                private int $end,
                private string $class,
                private Node|int $to,
            ) {
            }

            public function leaveNode(Node $node): Node|int|null
            {
                if ($this->isDone || $node::class !== $this->class || $node->getStartFilePos() !== $this->at
                    || $node->getEndFilePos() !== $this->end) {
                    return null;
                }
                $this->isDone = true;

                return $this->to;
            }
        };
        $swap = new NodeTraverser(new CloningVisitor, $visitor);

        return (new Standard)->prettyPrintFile($swap->traverse($tree));
    }

    /** @return list<Node> */
    private function parsed(string $code): array
    {
        $tree = (new ParserFactory)->createForHostVersion()->parse($code) ?? [];

        return (new NodeTraverser(new ParentConnectingVisitor))->traverse($tree);
    }
}
