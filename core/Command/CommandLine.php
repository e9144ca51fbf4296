<?php

declare(strict_types=1);

namespace HonestGrain\Command;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Command\Verb\BeadsVerb;
use HonestGrain\Command\Verb\BoreVerb;
use HonestGrain\Command\Verb\BurnVerb;
use HonestGrain\Command\Verb\CureVerb;
use HonestGrain\Command\Verb\CutVerb;
use HonestGrain\Command\Verb\DryingVerb;
use HonestGrain\Command\Verb\DyeVerb;
use HonestGrain\Command\Verb\EmcVerb;
use HonestGrain\Command\Verb\FacetsVerb;
use HonestGrain\Command\Verb\FlutesVerb;
use HonestGrain\Command\Verb\Grits;
use HonestGrain\Command\Verb\HoldVerb;
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
use HonestGrain\Command\Verb\StockVerb;
use HonestGrain\Command\Verb\TemplateVerb;
use HonestGrain\Command\Verb\TextureVerb;
use HonestGrain\Command\Verb\TruingVerb;
use HonestGrain\Command\Verb\UnitsVerb;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Schedule\TaskSearch;
use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;

/** `bin/grain`: finds the verb, reads the document, prints the answer or one error. */
final readonly class CommandLine
{
    public const OK = 0;

    public const BAD_INPUT = 2;

    /** The example of a verb that asks nothing. */
    private const NOTHING = '{}';

    private const MAX_BYTES = 4_100_000;

    /** @param  array<string, Verb>  $verbs */
    private function __construct(private array $verbs, private Sentences $words)
    {
    }

    public static function over(Catalogue $catalogue): self
    {
        $verbs = [];
        $calibration = $catalogue->calibration();
        foreach ([
            new Measure($catalogue), new EmcVerb, new DryingVerb($catalogue), new TruingVerb, new Grits($catalogue),
            new LadderVerb($catalogue), new MixVerb($calibration->mixes), new StackVerb($catalogue),
            new CureVerb($catalogue),
            new ScheduleVerb(TaskSearch::withAllCores()), new LayoutVerb, new ProportionsVerb, new BeadsVerb,
            new FlutesVerb, new FacetsVerb, new TextureVerb($calibration), new PiercingVerb($calibration),
            new BurnVerb($calibration), new InlayVerb($calibration),
            new TemplateVerb($calibration), new UnitsVerb, new DyeVerb($calibration), new ScorchVerb($calibration),
            new RouteVerb($catalogue), new Mend($catalogue), new CutVerb($calibration), new HoldVerb($catalogue),
            new BoreVerb($catalogue), new StockVerb($calibration),
        ] as $verb) {
            $verbs[$verb->name()] = $verb;
        }

        return new self($verbs, Sentences::english());
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
            $list = $this->words->say(new Said('commands.verbs', ['verbs' => array_keys($this->verbs)]));

            return $name === '' || $name === '--help'
                ? [self::OK, "bin/grain VERB [FILE|-]\n$list\n", '']
                : $this->error('unknown-verb', 'verb', $this->words->say(
                    new Said('commands.unknown', ['name' => $name, 'list' => $list]),
                ));
        }
        if (in_array('--help', $arguments, true)) {
            return [self::OK, $this->help($verb), ''];
        }
        $file = $arguments[1] ?? '-';
        $path = $file === '-' ? 'php://stdin' : $file;
        if ($file !== '-' && (! is_file($path) || ! is_readable($path))) {
            return $this->error(
                'no-file', 'FILE',
                $this->words->say(new Said('commands.unreadable', ['file' => $file])),
            );
        }
        try {
            $answer = $verb->answer($verb->example() === self::NOTHING && $file === '-' ? Document::of([])
                : Document::decode((string) file_get_contents($path, length: self::MAX_BYTES)));
        } catch (BadInput $e) {
            return $this->error($e->reason, $e->field, $e->getMessage());
        }

        return [
            self::OK, (is_string($answer) ? $answer : $this->json((new Spoken($this->words))->of($answer)))."\n", '',
        ];
    }

    private function help(Verb $verb): string
    {
        $of = "commands.{$verb->name()}";
        $fields = $this->words->lines("$of.fields");
        $width = max([0, ...array_map(strlen(...), array_keys($fields))]);
        $lines = [
            "bin/grain {$verb->name()} [FILE|-]", $this->words->say(new Said("$of.does")), '',
            $this->words->say(new Said('commands.fields')),
        ];
        foreach ($fields as $field => $text) {
            $lines[] = '  '.str_pad($field, $width).'  '.$text;
        }

        return implode("\n", [
            ...$lines, '', $this->words->say(new Said('commands.example')), '  '.$verb->example(), '',
        ]);
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
