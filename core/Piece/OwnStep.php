<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Coating\Coating;
use HonestGrain\Coating\Stain;
use HonestGrain\Geometry\Surface;
use HonestGrain\Holding\Mount;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;

/** A step of the maker's own: what, where, how long, how long to wait after it, and between which others it stands. */
final readonly class OwnStep
{
    private const MOST = 40;

    private const MOST_TITLE = 160;

    private const MOST_HOW = 300;

    public string $id;

    public Said $title;

    public ?string $part;

    public ?Surface $on;

    public float $minutes;

    public float $waitHours;

    public ?Mount $mount;

    /** @var list<string> operations, or ids of the document that mean all that goes with them */
    public array $before;

    /** @var list<string> */
    public array $after;

    public string $technique;

    public ?Said $how;

    public Coating|Stain|null $product;

    private function __construct(Document $step, Tables $tables)
    {
        $this->id = Id::read($step);
        $this->title = self::title($step);
        $this->part = $step->textOr('part', null, 40);
        $this->on = $step->has('on') ? Surface::from(
            $step->choice('on', array_column(Surface::cases(), 'value')),
        ) : null;
        $this->minutes = $step->numberOr('minutes', 0.0, 0, 2400);
        $this->waitHours = $step->numberOr('wait_hours', 0.0, 0, 2000);
        $this->mount = $step->has('mount') ? Mount::from(
            $step->choice('mount', array_column(Mount::cases(), 'value')),
        ) : null;
        $this->before = $step->has('before') ? $step->strings('before', self::MOST) : [];
        $this->after = $step->has('after') ? $step->strings('after', self::MOST) : [];
        $this->technique = $tables->techniques->named(
            $step->textOr('technique', 'own', 40) ?? 'own', $step->at('technique'),
        )->key();
        $this->how = self::how($step);
        $this->product = self::product($step, $tables);
    }

    public static function read(Document $step, Tables $tables): self
    {
        return new self($step, $tables);
    }

    /** As its maker wrote it, or by its code where it came with a remedy. */
    private static function title(Document $step): Said
    {
        return self::coded($step, 'title') ?? Said::name($step->text('title', self::MOST_TITLE));
    }

    private static function how(Document $step): ?Said
    {
        $how = $step->textOr('how', null, self::MOST_HOW);

        return self::coded($step, 'how') ?? ($how === null ? null : Said::name($how));
    }

    /** By its code, unless this release has no words for it and the text beside it has. */
    private static function coded(Document $step, string $key): ?Said
    {
        $said = $step->childOr('said');
        try {
            return $said->has($key) ? $said->said($key) : null;
        } catch (InvalidField $e) {
            return $step->has($key) ? null : throw $e;
        }
    }

    private static function product(Document $step, Tables $tables): Coating|Stain|null
    {
        $class = $step->textOr('product', null);
        if ($class === null) {
            return null;
        }

        return $tables->coatings->stains()[$class] ?? $tables->coatings->coating($class, $step->at('product'));
    }

    /** Whether it came with a remedy: what a maker adds is worded by the maker, and has no technique of the table. */
    public function mends(): bool
    {
        return $this->title->asWritten() === null || $this->technique !== 'own';
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'part' => $this->part, 'on' => $this->on?->value,
            'minutes' => $this->minutes, 'wait_hours' => $this->waitHours, 'mount' => $this->mount?->value,
            'before' => $this->before, 'after' => $this->after,
        ] + ($this->technique === 'own' ? [] : ['technique' => $this->technique])
            + self::words(['title' => $this->title, 'how' => $this->how])
            + ($this->product === null ? [] : ['product' => $this->product->class]);
    }

    /**
     * As text, and what its maker did not write by its code as well.
     *
     * @param  array{title: Said, how: Said|null}  $words
     * @return array<string, mixed>
     */
    private static function words(array $words): array
    {
        $words = array_filter($words, fn (?Said $one): bool => $one !== null);
        $english = Sentences::english();
        $texts = [];
        foreach ($words as $key => $one) {
            $most = $key === 'title' ? self::MOST_TITLE : self::MOST_HOW;
            $texts[$key] = $one->asWritten() ?? mb_substr($english->say($one), 0, $most);
        }
        $said = array_filter($words, fn (Said $one): bool => $one->asWritten() === null);

        return $texts + ($said === [] ? [] : [
            'said' => array_map(fn (Said $one): array => $one->toArray(), $said),
        ]);
    }
}
