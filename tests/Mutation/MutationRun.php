<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * One run over a folder: which tests reach its methods, a sample of its mutants drawn by a seed, and each of them
 * against those tests, quickest first. The score is the share that a test noticed.
 */
final class MutationRun
{
    private const AT_ONCE = 2;

    private const SECONDS = 90;

    private string $state;

    /** @var array<string, list<string>> method => test classes, quickest first */
    private array $tests = [];

    public function __construct(
        private readonly string $root,
        private readonly string $folder,
        private readonly int $most,
        private readonly int $seed,
    ) {
        $this->state = "$root/var/mutation";
    }

    public function run(): int
    {
        $this->cover();
        $mutants = $this->sample();
        printf("%d changes of core/%s, drawn with seed %d\n", count($mutants), $this->folder, $this->seed);
        $left = [];
        $noticed = 0;
        foreach (array_chunk($mutants, self::AT_ONCE) as $chunk) {
            foreach ($this->tried($chunk) as $i => $isNoticed) {
                $noticed += (int) $isNoticed;
                if (! $isNoticed) {
                    $left[] = $chunk[$i];
                    $this->tell($chunk[$i]);
                }
            }
        }
        printf(
            "%d of %d noticed: %.0f %%\n", $noticed, count($mutants),
            100 * $noticed / max(1, count($mutants)),
        );

        return $left === [] ? 0 : 1;
    }

    private function tell(Mutant $mutant): void
    {
        printf("  left  %s:%d  %s\n", substr($mutant->file, strlen($this->root) + 1), $mutant->line, $mutant->what);
    }

    /** The whole suite once over copies whose methods say that they were reached. */
    private function cover(): void
    {
        $over = $this->emptied("$this->state/hits");
        $finder = new NodeFinder;
        $parser = (new ParserFactory)->createForHostVersion();
        foreach ($this->files() as $file) {
            $tree = $parser->parse((string) file_get_contents($file)) ?? [];
            foreach ($finder->findInstanceOf($tree, ClassMethod::class) as $method) {
                $said = $parser->parse("<?php \\Tests\\Mutation\\Hits::at('".$this->key($file)."::$method->name');");
                $method->stmts = $method->stmts === null ? null : [...$said ?? [], ...$method->stmts];
            }
            $this->write($over, $file, (new Standard)->prettyPrintFile($tree));
        }
        $hits = "$this->state/hits.json";
        @unlink($hits);
        $run = $this->started([
            '--testsuite', 'Core', '--extension', Hits::class, '--no-output',
        ], ['MUTATION_OVER' => $over, 'MUTATION_HITS' => $hits]);
        while (proc_get_status($run)['running']) {
            usleep(100_000);
        }
        /** @var array{of: array<string, list<string>>, seconds: array<string, float>} $read */
        $read = json_decode((string) file_get_contents($hits), true, 8, JSON_THROW_ON_ERROR);
        foreach ($read['of'] as $method => $tests) {
            $seconds = fn (string $test): float => $read['seconds'][$test] ?? 0.0;
            usort($tests, fn (string $a, string $b): int => $seconds($a) <=> $seconds($b));
            $this->tests[$method] = array_values(array_filter($tests));
        }
    }

    /** @return list<Mutant> */
    private function sample(): array
    {
        $all = [];
        foreach ($this->files() as $file) {
            $all = [...$all, ...(new Mutator)->of($file)];
        }
        mt_srand($this->seed);
        shuffle($all);

        return array_slice($all, 0, $this->most);
    }

    /**
     * @param  list<Mutant>  $mutants
     * @return array<int, bool> whether each was noticed
     */
    private function tried(array $mutants): array
    {
        $runs = [];
        $noticed = [];
        foreach ($mutants as $i => $mutant) {
            $tests = $this->tests[$this->key($mutant->file)."::$mutant->method"] ?? [];
            $noticed[$i] = false;
            if ($tests !== []) {
                $over = $this->emptied("$this->state/over-$i");
                $this->write($over, $mutant->file, $mutant->code);
                $runs[$i] = [$this->started([
                    '-c', $this->listed($i, $tests), '--stop-on-error', '--stop-on-failure', '--no-output',
                ], ['MUTATION_OVER' => $over]), microtime(true)];
            }
        }
        while ($runs !== []) {
            usleep(20_000);
            foreach ($runs as $i => [$run, $since]) {
                $status = proc_get_status($run);
                $isLong = microtime(true) - $since > self::SECONDS;
                if ($status['running'] && ! $isLong) {
                    continue;
                }
                // What runs on for ever was noticed, too.
                $noticed[$i] = $isLong || $status['exitcode'] !== 0;
                $isLong ? proc_terminate($run, SIGKILL) : null;
                unset($runs[$i]);
            }
        }

        return $noticed;
    }

    /**
     * A configuration that runs these test classes in this order.
     *
     * @param  list<string>  $tests
     */
    private function listed(int $i, array $tests): string
    {
        $files = array_map(
            fn (string $test): string => "<file>$this->root/tests/Core/"
                .basename(strtr($test, '\\', '/')).'.php</file>',
            $tests,
        );
        $path = "$this->state/tests-$i.xml";
        file_put_contents($path, '<?xml version="1.0"?><phpunit><testsuites><testsuite name="Some">'
            .implode('', $files).'</testsuite></testsuites></phpunit>');

        return $path;
    }

    /**
     * @param  list<string>  $arguments
     * @param  array<string, string>  $environment
     * @return resource
     */
    private function started(array $arguments, array $environment)
    {
        $run = proc_open([
            PHP_BINARY, '-d', 'memory_limit=512M', "$this->root/vendor/bin/phpunit", '--bootstrap',
            "$this->root/tests/Mutation/bootstrap.php", ...$arguments,
        ], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, $this->root, $environment
            + getenv());

        return $run === false ? throw new \RuntimeException('The tests cannot be started.') : $run;
    }

    /** @return list<string> */
    private function files(): array
    {
        $files = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
            "$this->root/core/$this->folder", RecursiveDirectoryIterator::SKIP_DOTS,
        )) as $file) {
            $files[] = $file->getPathname();
        }
        sort($files);

        return $files;
    }

    private function key(string $file): string
    {
        return substr($file, strlen("$this->root/core/"), -strlen('.php'));
    }

    private function write(string $over, string $file, string $code): void
    {
        $path = "$over/".$this->key($file).'.php';
        is_dir(dirname($path)) || mkdir(dirname($path), 0o755, true);
        file_put_contents($path, $code);
    }

    private function emptied(string $folder): string
    {
        exec('rm -rf '.escapeshellarg($folder));
        mkdir($folder, 0o755, true);

        return $folder;
    }
}
