<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Calibration\AskedFigures;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\GroundAsked;
use HonestGrain\Wood\Pore;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Said;

/**
 * How fine the last grit must be for what comes next on a surface, and how fine it may be: sizes of grain, µm, so
 * that a soft wood does not ask for a finer grit than a hard one.
 *
 * Workshop limits, with the sentence that says which one applied.
 */
final readonly class AskedSurface
{
    private function __construct(public float $limitMicron, public ?float $floorMicron, public Said $because)
    {
    }

    /**
     * @param  list<Coating>  $coats  first on the wood first; none for bare wood
     * @param  list<ColourGround>  $colours  what colours any of the surface before them
     * @param  bool  $isForUse  whether bare wood is for use and not for show
     */
    public static function by(
        array $coats,
        array $colours,
        Wood $wood,
        AskedFigures $figures,
        bool $isForUse = false,
    ): self {
        $isDyed = in_array(ColourGround::Dye, $colours, true);
        [$limit, $floor, $because] = match (true) {
            $coats === [] && $isForUse => [
                $figures->utilityUm, null, new Said('abrasive.asked-surface.bare-wood-use-wants'),
            ],
            // Burnished wood takes no dye, and nothing comes over it that would show more.
            $coats === [] && $isDyed => [$figures->dyeUm, null, new Said('abrasive.asked-surface.bare-wood-dyed')],
            default => self::forCoats($coats, $figures),
        };
        if (in_array(ColourGround::Paint, $colours, true)) {
            $limit = min($limit, $figures->paintUm);
            $because = self::also($because, 'abrasive.asked-surface.paint-wants-smooth-ground');
        }
        // Where the rest of the face needs tooth, the band of the leaf alone is taken further.
        if (in_array(ColourGround::Leaf, $colours, true) && $floor === null) {
            [$limit, $because] = [min(
                $limit, $figures->polishUm,
            ), new Said('abrasive.asked-surface.leaf-shows-every-scratch', [
                'because' => $because,
            ])];
        }
        if ($isDyed) {
            $limit = min($limit, $figures->dyeUm);
            $floor = max($floor ?? 0.0, $figures->dyeFloorUm);
            $because = self::also($because, 'abrasive.asked-surface.dyed-ground-must-not');
        }

        $first = $coats === [] ? null : $coats[0]->ground();

        return self::allowed(
            wood: $wood, limit: $limit, floor: $floor, because: $because, first: $first, figures: $figures,
        );
    }

    /** What a kind of finish asks of a wood, whatever its product. */
    public static function under(Finish $finish, Wood $wood, AskedFigures $figures): self
    {
        [$limit, $because] = match ($finish) {
            Finish::Oil => [$figures->penetratingUm, new Said('abrasive.asked-surface.oil-soaks-hides-fine')],
            Finish::Film => [$figures->filmUm, new Said('abrasive.asked-surface.film-hides-what-finer')],
            Finish::Polish => [$figures->polishUm, new Said('abrasive.asked-surface.polish-wax-hide-nothing')],
            Finish::Use => [$figures->utilityUm, new Said('abrasive.asked-surface.bare-wood-use-wants')],
        };

        return self::allowed(
            wood: $wood, limit: $limit, floor: null, because: $because,
            first: $finish === Finish::Oil ? GroundAsked::Penetrating : null, figures: $figures,
        );
    }

    /** What the wood itself allows or asks: open pores and soft fibres hide more, hard fine wood shows more. */
    private static function allowed(
        Wood $wood,
        float $limit,
        ?float $floor,
        Said $because,
        ?GroundAsked $first,
        AskedFigures $figures,
    ): self {
        if (! self::showsScratches($wood, $figures)) {
            [$factor, $why] = self::woodAllows($wood, $figures);

            return new self($limit * $factor, $floor, $why === null ? $because : self::also($because, $why));
        }
        $isHardWax = $first === GroundAsked::HardWax;
        $most = $first === GroundAsked::Penetrating ? $figures->hardUnderOilUm : $figures->hardUm;

        return new self(
            min($limit, $most), $isHardWax && $floor !== null ? min($floor, $figures->hardWaxFloorOnHardUm) : $floor,
            new Said('abrasive.asked-surface.hard-dense-wood-shows', ['because' => $because]),
        );
    }

    /** A reason and a further one, by its code. */
    private static function also(Said $because, string $code): Said
    {
        return new Said($code, ['because' => $because]);
    }

    /** Very hard fine wood, and dense oily wood. */
    private static function showsScratches(Wood $wood, AskedFigures $figures): bool
    {
        return ($wood->nature->pore === Pore::Fine && $wood->figures->jankaN > $figures->veryHardN)
            || self::isDenseAndOily($wood, $figures);
    }

    public static function isDenseAndOily(Wood $wood, AskedFigures $figures): bool
    {
        return $wood->nature->oily && $wood->figures->gravity12 >= $figures->denseGravity;
    }

    /**
     * The first coat asks; under a thin sealer, so does what comes over it.
     *
     * @param  list<Coating>  $coats
     * @return array{float, float|null, Said}
     */
    private static function forCoats(array $coats, AskedFigures $figures): array
    {
        $asked = null;
        foreach ($coats as $coat) {
            $own = self::forCoat($coat, $figures);
            $asked = $asked === null || $own[0] < $asked[0] ? $own : $asked;
            if (! $coat->isThinUnderPolish()) {
                break;
            }
        }

        return $asked ?? [$figures->polishUm, null, new Said('abrasive.asked-surface.bare-wood-shows-every')];
    }

    /** @return array{float, float|null, Said} */
    private static function forCoat(Coating $coat, AskedFigures $figures): array
    {
        return match ($coat->ground()) {
            GroundAsked::HardWax => [
                $figures->hardWaxUm, $figures->hardWaxFloorUm, new Said('abrasive.asked-surface.hard-wax-oil-needs'),
            ],
            GroundAsked::Penetrating => [
                $figures->penetratingUm, null, new Said('abrasive.asked-surface.oil-soaks-hides-fine'),
            ],
            GroundAsked::Paste => [
                $figures->pasteUm, null, new Said('abrasive.asked-surface.abrasive-paste-takes-from'),
            ],
            GroundAsked::Polish => [
                $figures->polishUm, null, new Said('abrasive.asked-surface.polish-wax-hide-nothing'),
            ],
            GroundAsked::Film => [$figures->filmUm, null, new Said('abrasive.asked-surface.film-hides-what-finer')],
        };
    }

    /** @return array{float, string|null} by how much, and the code of the reason */
    private static function woodAllows(Wood $wood, AskedFigures $figures): array
    {
        return match (true) {
            $wood->nature->pore === Pore::Softwood => [
                $figures->softwoodAllows, 'abrasive.asked-surface.softwood-hides-more',
            ],
            $wood->nature->pore === Pore::Open => [
                $figures->openPoresAllow, 'abrasive.asked-surface.open-pores-hide-more',
            ],
            default => [1.0, null],
        };
    }

    /** The maker's own "good enough": this grit may be the last, whatever comes next asks. */
    public function stoppingAt(Grit $grit): self
    {
        return new self($grit->micron, null, new Said('abrasive.asked-surface.you-stop-here', [
            'grit' => $grit->name,
        ]));
    }

    /** The same on oily wood, where a finer grit burnishes and a coat lifts. */
    public function onOilyWood(AskedFigures $figures): self
    {
        return $this->limitMicron >= $figures->oilyStopsUm ? $this : new self(
            $figures->oilyStopsUm, null, new Said('abrasive.asked-surface.oily-wood-stops'),
        );
    }

    /** The same on wet wood, which takes nothing finer. */
    public function wet(AskedFigures $figures): self
    {
        return new self(
            max($this->limitMicron, $figures->wetUm), null, new Said('abrasive.asked-surface.wet-wood-clogs-what'),
        );
    }

    /** Whether what comes next asks for two things at once. */
    public function contradictsItself(): bool
    {
        return $this->floorMicron !== null && $this->floorMicron > $this->limitMicron;
    }

    /** The same where no sheet of the sizes between the two is made: with the next coarser one. */
    public function withSheet(AbrasiveTable $table): self
    {
        $sheet = $this->floorMicron === null || $this->contradictsItself()
            ? null : $table->finestFrom($this->floorMicron);

        return $sheet === null || $sheet->micron <= $this->limitMicron ? $this : new self(
            $sheet->micron, $this->floorMicron,
            new Said('abrasive.asked-surface.no-sheet-made-between', [
                'because' => $this->because,
                'sheet' => $sheet->name,
            ]),
        );
    }

    /** The same without its floor, where the two contradict. */
    public function withoutFloor(): self
    {
        return new self($this->limitMicron, null, $this->because);
    }
}
