<?php

declare(strict_types=1);

namespace HonestGrain\Recipe;

use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Technique\Techniques;
use HonestGrain\Words\Said;

/** One decoration on a stretch of a line that is told by its shares, so that it keeps its place on a longer one. */
final readonly class RecipeMark
{
    /** Shares are shown and typed in hundredths, to so many places. */
    public const SHOWN_TO = 1;

    /** A line that is long enough for any mark, mm. */
    private const ANY_MM = 1000.0;

    /**
     * @param  float  $fromShare  of the line, from its beginning, 0 to 1
     * @param  array<string, mixed>  $settings  as in a piece's document: depths, widths and counts stay as they are
     */
    private function __construct(
        public string $technique,
        public Surface $on,
        public float $fromShare,
        public float $toShare,
        public array $settings,
        public ?string $name,
        public ?string $note,
    ) {
    }

    public static function read(Document $mark): self
    {
        $from = $mark->number('from_share', 0, 1);

        return new self(
            technique: $mark->choice('technique', Techniques::table()->decorationKeys()),
            on: Surface::from($mark->choice('on', array_column(Surface::cases(), 'value'))),
            fromShare: $from, toShare: $mark->number('to_share', $from, 1),
            settings: self::set($mark->childOr('settings')), name: $mark->textOr('name', null, Mark::MAX_NAME),
            note: $mark->textOr('note', null, 500, lines: true),
        );
    }

    /** @return array<string, mixed> */
    private static function set(Document $settings): array
    {
        $set = [];
        foreach ($settings->keys() as $key) {
            $set[$key] = $settings->value($key);
        }

        return $set;
    }

    public static function of(Mark $mark, Part $part): self
    {
        $line = $part->lineMm($mark->band->on);
        $share = fn (float $mm): float => $line <= 0 ? 0.0 : round(max(0.0, min(1.0, $mm / $line)), 5);

        return new self(
            technique: $mark->technique->key(), on: $mark->band->on, fromShare: $share($mark->band->fromMm),
            toShare: $share($mark->band->toMm),
            // Minutes that were typed or taken are those of that piece.
            settings: array_filter(
                array_diff_key($mark->settings(), ['minutes' => true]), fn (mixed $value): bool => $value !== null,
            ), name: $mark->name, note: $mark->note,
        );
    }

    /** As a mark of a piece whose line is so long, mm. */
    public function placedOn(float $lineMm): Document
    {
        // Documents hold the hundredth of a mm, and no band goes on beyond its line.
        $mm = fn (float $share): float => min(round($share * $lineMm, 2), floor(100 * $lineMm) / 100);

        return Document::of([
            'id' => Id::fresh('m'), 'technique' => $this->technique, 'on' => $this->on->value,
            'from_mm' => $mm($this->fromShare), 'to_mm' => $mm($this->toShare),
            'settings' => $this->settings, 'note' => $this->note, 'name' => $this->name,
        ]);
    }

    /**
     * Whether such a mark can be made on any line at all.
     *
     * @param  int  $at  which it is of its part, from 0
     *
     * @throws \HonestGrain\Reading\BadInput naming the field, such as `marks.0.settings.count`
     */
    public function check(int $at, Tables $tables): void
    {
        Mark::read(Document::of($this->placedOn(self::ANY_MM)->fields(), "marks.$at"), $tables);
    }

    public function label(): Said
    {
        return $this->name === null ? new Said("technique.$this->technique.label") : Said::name($this->name);
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'technique' => $this->technique, 'on' => $this->on->value, 'from_share' => $this->fromShare,
            'to_share' => $this->toShare, 'settings' => (object) $this->settings, 'name' => $this->name,
            'note' => $this->note,
        ];
    }
}
