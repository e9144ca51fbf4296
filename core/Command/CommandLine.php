<?php

declare(strict_types=1);

namespace HonestGrain\Command;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb\BeadsVerb;
use HonestGrain\Command\Verb\BurnVerb;
use HonestGrain\Command\Verb\CureVerb;
use HonestGrain\Command\Verb\DryingVerb;
use HonestGrain\Command\Verb\DyeVerb;
use HonestGrain\Command\Verb\EmcVerb;
use HonestGrain\Command\Verb\FacetsVerb;
use HonestGrain\Command\Verb\FlutesVerb;
use HonestGrain\Command\Verb\Grits;
use HonestGrain\Command\Verb\InlayVerb;
use HonestGrain\Command\Verb\LadderVerb;
use HonestGrain\Command\Verb\LayoutVerb;
use HonestGrain\Command\Verb\Measure;
use HonestGrain\Command\Verb\Mend;
use HonestGrain\Command\Verb\MixVerb;
use HonestGrain\Command\Verb\PiercingVerb;
use HonestGrain\Command\Verb\ProportionsVerb;
use HonestGrain\Command\Verb\RouteVerb;
use HonestGrain\Command\Verb\ScheduleVerb;
use HonestGrain\Command\Verb\ScorchVerb;
use HonestGrain\Command\Verb\StackVerb;
use HonestGrain\Command\Verb\TemplateVerb;
use HonestGrain\Command\Verb\TextureVerb;
use HonestGrain\Command\Verb\TruingVerb;
use HonestGrain\Command\Verb\UnitsVerb;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\OrderSearch;

/** `bin/grain`: finds the verb, reads the document, prints the answer or one error. */
final readonly class CommandLine
{
    public const OK = 0;

    public const BAD_INPUT = 2;

    private const MAX_BYTES = 4_100_000;

    /** @param  array<string, Verb>  $verbs */
    private function __construct(private array $verbs)
    {
    }

    public static function over(Catalogue $catalogue): self
    {
        $verbs = [];
        $calibration = $catalogue->calibration();
        foreach ([
            new Measure($catalogue), new EmcVerb, new DryingVerb($catalogue), new TruingVerb, new Grits($catalogue),
            new LadderVerb($catalogue), new MixVerb, new StackVerb($catalogue), new CureVerb($catalogue),
            new ScheduleVerb(new OrderSearch), new LayoutVerb, new ProportionsVerb, new BeadsVerb, new FlutesVerb,
            new FacetsVerb, new TextureVerb($calibration), new PiercingVerb($calibration),
            new BurnVerb($calibration), new InlayVerb($calibration),
            new TemplateVerb($calibration), new UnitsVerb, new DyeVerb($calibration), new ScorchVerb($calibration),
            new RouteVerb($catalogue), new Mend($catalogue),
        ] as $verb) {
            $verbs[$verb->name()] = $verb;
        }

        return new self($verbs);
    }

    /**
     * @param  list<string>  $arguments  without the program's name
     * @return array{int, string, string} exit code, standard output, standard error
     */
    public function run(array $arguments): array
    {
        $name = $arguments[0] ?? '';
        $verb = $this->verbs[$name] ?? null;
        if ($verb === null) {
            $list = 'The verbs are: '.implode(', ', array_keys($this->verbs))
                .'. `bin/grain VERB --help` shows the fields of one.';

            return $name === '' || $name === '--help'
                ? [self::OK, "bin/grain VERB [FILE|-]\n$list\n", '']
                : $this->error('unknown-verb', 'verb', "verb is \"$name\". $list");
        }
        if (in_array('--help', $arguments, true)) {
            return [self::OK, $this->help($verb), ''];
        }
        $file = $arguments[1] ?? '-';
        $path = $file === '-' ? 'php://stdin' : $file;
        if ($file !== '-' && (! is_file($path) || ! is_readable($path))) {
            return $this->error(
                'no-file', 'FILE',
                "FILE is \"$file\", which cannot be read; it takes a JSON file, or - for standard input.",
            );
        }
        try {
            $answer = $verb->answer($verb->help()['fields'] === [] && $file === '-' ? Document::of([])
                : Document::decode((string) file_get_contents($path, length: self::MAX_BYTES)));
        } catch (BadInput $e) {
            return $this->error($e->reason, $e->field, $e->getMessage());
        }

        return [self::OK, (is_string($answer) ? $answer : $this->json($answer))."\n", ''];
    }

    private function help(Verb $verb): string
    {
        $help = $verb->help();
        $width = max([0, ...array_map(strlen(...), array_keys($help['fields']))]);
        $lines = ["bin/grain {$verb->name()} [FILE|-]", $help['does'], '', 'Fields:'];
        foreach ($help['fields'] as $field => $text) {
            $lines[] = '  '.str_pad($field, $width).'  '.$text;
        }

        return implode("\n", [...$lines, '', 'Example:', '  '.$help['example'], '']);
    }

    /** @return array{int, string, string} */
    private function error(string $code, string $field, string $message): array
    {
        return [
            self::BAD_INPUT, '',
            $this->json(['error' => ['code' => $code, 'field' => $field, 'message' => $message]])."\n",
        ];
    }

    /** @param  array<string, mixed>  $value */
    private function json(array $value): string
    {
        return json_encode(
            $value,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }
}
