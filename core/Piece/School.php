<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Piece\School\Bore;
use HonestGrain\Piece\School\BoxBlank;
use HonestGrain\Piece\School\Choice;
use HonestGrain\Piece\School\Clean;
use HonestGrain\Piece\School\Fills;
use HonestGrain\Piece\School\Inside;
use HonestGrain\Piece\School\LastCut;
use HonestGrain\Piece\School\Lid;
use HonestGrain\Piece\School\Liner;
use HonestGrain\Piece\School\OilyWood;
use HonestGrain\Piece\School\Rim;
use HonestGrain\Piece\School\Sealer;
use HonestGrain\Piece\School\Sitting;
use HonestGrain\Piece\School\Tail;
use HonestGrain\Piece\School\Tenon;
use HonestGrain\Piece\School\Underside;
use HonestGrain\Piece\School\WarpedRim;
use HonestGrain\Piece\School\Wet;
use HonestGrain\Piece\School\WetFinish;
use HonestGrain\Reading\Copy;

/** How a maker likes to go about it, where more than one way is sound: what the piece says, else what the shop says. */
final readonly class School
{
    /** @var array<string, class-string<Choice>> each choice there is, by its name in a document */
    public const CHOICES = [
        'inside' => Inside::class, 'underside' => Underside::class, 'tenon' => Tenon::class, 'liner' => Liner::class,
        'sealer' => Sealer::class, 'clean' => Clean::class, 'wet' => Wet::class,
        'bore' => Bore::class, 'last-cut' => LastCut::class, 'fills' => Fills::class,
        'oily-wood' => OilyWood::class, 'tail' => Tail::class,
        'lid' => Lid::class, 'rim' => Rim::class, 'box-blank' => BoxBlank::class,
        'sitting' => Sitting::class, 'wet-finish' => WetFinish::class, 'warped-rim' => WarpedRim::class,
    ];

    public ?Inside $inside;

    public Underside $underside;

    public ?Tenon $tenon;

    public Liner $liner;

    public Sealer $sealer;

    public Clean $clean;

    public ?Wet $wet;

    public Bore $bore;

    public LastCut $lastCut;

    public Fills $fills;

    public OilyWood $oilyWood;

    public Tail $tail;

    public Lid $lid;

    public Rim $rim;

    public BoxBlank $boxBlank;

    public Sitting $sitting;

    public ?WetFinish $wetFinish;

    public WarpedRim $warpedRim;

    /** @param  \Closure(string): array<string>  $said  what was said of a choice, those that hold first */
    private function __construct(\Closure $said)
    {
        $this->inside = self::first(Inside::class, $said('inside'));
        $this->underside = self::first(Underside::class, $said('underside')) ?? Underside::usual();
        $this->tenon = self::first(Tenon::class, $said('tenon'));
        $this->liner = self::first(Liner::class, $said('liner')) ?? Liner::usual();
        $this->sealer = self::first(Sealer::class, $said('sealer')) ?? Sealer::usual();
        $this->clean = self::first(Clean::class, $said('clean')) ?? Clean::usual();
        $this->wet = self::first(Wet::class, $said('wet'));
        $this->bore = self::first(Bore::class, $said('bore')) ?? Bore::usual();
        $this->lastCut = self::first(LastCut::class, $said('last-cut')) ?? LastCut::usual();
        $this->fills = self::first(Fills::class, $said('fills')) ?? Fills::usual();
        $this->oilyWood = self::first(OilyWood::class, $said('oily-wood')) ?? OilyWood::usual();
        $this->tail = self::first(Tail::class, $said('tail')) ?? Tail::usual();
        $this->lid = self::first(Lid::class, $said('lid')) ?? Lid::usual();
        $this->rim = self::first(Rim::class, $said('rim')) ?? Rim::usual();
        $this->boxBlank = self::first(BoxBlank::class, $said('box-blank')) ?? BoxBlank::usual();
        $this->sitting = self::first(Sitting::class, $said('sitting')) ?? Sitting::usual();
        $this->wetFinish = self::first(WetFinish::class, $said('wet-finish'));
        $this->warpedRim = self::first(WarpedRim::class, $said('warped-rim')) ?? WarpedRim::usual();
    }

    /**
     * What is no way of a choice is as if it had not been said.
     *
     * @param  array<string, string>  ...$wishes  by name of the choice; those that come first hold
     */
    public static function of(array ...$wishes): self
    {
        return new self(fn (string $name): array => array_filter(
            array_map(fn (array $wish): ?string => $wish[$name] ?? null, $wishes), is_string(...),
        ));
    }

    /** @return list<string> the names of all ways of all choices */
    public static function ways(): array
    {
        return array_merge(...array_values(array_map(
            fn (string $choice): array => array_column($choice::cases(), 'value'), self::CHOICES,
        )));
    }

    /**
     * @template T of Choice
     *
     * @param  class-string<T>  $choice
     * @param  array<string>  $said
     * @return T|null
     */
    private static function first(string $choice, array $said): ?Choice
    {
        foreach ($said as $way) {
            $found = $choice::tryFrom($way);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** The figures of speed as the maker likes them. */
    public function speeds(Calibration $calibration): Calibration
    {
        return $this->rim === Rim::Usual ? $calibration
            : Copy::with($calibration, ['speed' => $calibration->speed->fast()]);
    }

    /** Whether the inside is finished before the outside gets its last line: not where that is mended first. */
    public function isInsideFirst(Part $part): bool
    {
        return ($this->inside ?? ($part->isMendedFirst() ? Inside::Later : Inside::of($part->grain))) === Inside::First;
    }
}
