<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Calibration\JointRates;
use HonestGrain\Geometry\Face;
use HonestGrain\Holding\Stance;
use HonestGrain\Lathework\FittingKind;
use HonestGrain\Lathework\Speed;
use HonestGrain\Piece\Fitting;
use HonestGrain\Piece\HoleFrom;
use HonestGrain\Piece\JointGlue;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Reading\Copy;
use HonestGrain\Route\Internal\Doing;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\Internal\Setup;
use HonestGrain\Route\Internal\Timing;
use HonestGrain\Route\StepKind;
use HonestGrain\Route\StepWords;
use HonestGrain\Safety\Hazard;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * What is bought and fitted: a ferrule before the wood is sanded, so that both are polished as one; what goes into a
 * hole tried before it is coated, and put in for good after.
 *
 * @internal
 */
final readonly class Fittings
{
    private function __construct(private PartContext $subject, private Fitting $fitting)
    {
    }

    /** @return list<Operation> */
    public static function of(PartContext $subject): array
    {
        return array_merge([], ...array_map(
            fn (Fitting $fitting): array => (new self($subject, $fitting))->operations(), $subject->part->fittings,
        ));
    }

    /** @return list<Precedence> */
    public static function chains(PartContext $subject, Coats $coats): array
    {
        return array_merge([], ...array_map(
            fn (Fitting $fitting): array => $fitting->size->kind === FittingKind::Ferrule
                ? (new self($subject, $fitting))->ferruled() : (new self($subject, $fitting))->bored($coats),
            $subject->part->fittings,
        ));
    }

    /** @return list<Operation> */
    private function operations(): array
    {
        return match ($this->fitting->size->kind) {
            FittingKind::Ferrule => [
                $this->tubeCut(), $this->seat(), $this->glued(), $this->flushed(),
                ...$this->fitting->isPinned ? [$this->pinned()] : [],
            ],
            FittingKind::Insert => [$this->tried(), $this->glued()],
            FittingKind::Kit => [$this->tried(), $this->assembled()],
        };
    }

    /** @return list<Precedence> */
    private function ferruled(): array
    {
        $id = $this->fitting->id;
        $shaped = $this->subject->startsAs === StartsAs::Turned ? null : $this->subject->id('shape', Face::Outside);
        $last = $this->fitting->isPinned ? "$id/pin" : "$id/flush";

        return [
            ...$shaped === null ? [] : [Precedence::rule(
                $shaped, "$id/seat", Wait::none(), new Said('route.fittings.seat-from-last-line'),
            )],
            ...$shaped === null ? [] : array_map(fn (string $bored): Precedence => Precedence::custom(
                $this->subject->id($bored, Face::Bore), "$id/seat", Wait::none(),
                new Said('route.fittings.true-to-bore'),
            ), ['bore', 'drill']),
            Precedence::rule("$id/cut", "$id/seat", Wait::none(), new Said('route.fittings.turned-to-tube')),
            Precedence::rule("$id/seat", $id, Wait::none(), new Said('route.fittings.tried-dry')),
            Precedence::rule($id, "$id/flush", $this->set(), new Said('route.repairs.once-has-set')),
            ...$this->fitting->isPinned ? [
                Precedence::rule("$id/flush", "$id/pin", Wait::none(), new Said('route.fittings.pin-through-both')),
            ] : [],
            Precedence::rule($last, SandingRun::firstId($this->subject, Face::Outside), Wait::none(), new Said(
                'route.fittings.polished-as-one',
            )),
        ];
    }

    /** @return list<Precedence> */
    private function bored(Coats $coats): array
    {
        $id = $this->fitting->id;
        $chains = [
            Precedence::rule("$id/hole", "$id/try", Wait::none(), new Said('route.fittings.no-hole-yet')),
            Precedence::rule("$id/try", $id, Wait::none(), new Said('route.fittings.tried-dry')),
            Precedence::custom($this->subject->id('part-off'), $id, Wait::none(), new Said(
                'route.fittings.once-it-is-whole',
            )),
        ];
        foreach ($coats->firsts() as $first) {
            $chains[] = Precedence::custom("$id/try", $first->id, Wait::none(), new Said('route.fittings.eased-bare'));
        }
        foreach ($coats->laid() as $coat) {
            $chains[] = Precedence::custom(
                $coat->last, $id,
                $coat->handled(),
                new Said('route.fittings.finish-stays-off'),
            );
        }

        return $chains;
    }

    private function tubeCut(): Operation
    {
        $length = $this->fitting->size->lengthMm;

        return $this->step('cut', new Doing($this->subject->technique('saw'), [], on: []), new Timing(
            $this->rates()->ferruleCutMinutes, 20.0,
        ), new Setup(
            work: Work::Lap, stances: [Stance::Off], hazards: [Hazard::HardDust],
            hold: new Said('route.fittings.in-a-vice'),
        ), $this->words('cut-tube', 'over-length', new Said('route.fittings.cut-and-deburr', [
            'long' => Quantity::mm($length + $this->rates()->ferruleOverMm), 'length' => Quantity::mm($length),
        ])));
    }

    private function seat(): Operation
    {
        $size = $this->fitting->size;

        return $this->step('seat', new Doing($this->subject->technique('tenon'), [], on: []), new Timing(
            $this->rates()->ferruleSeatMinutes, 21.0,
        ), $this->spun(), $this->words('turn-seat', 'slides-on', new Said('route.fittings.seat-size', [
            'seat' => Quantity::mm($size->diameterMm - $this->rates()->tightBelowMm),
            'long' => Quantity::mm($size->lengthMm), 'inside' => Quantity::mm($size->diameterMm),
        ]), $size->outerMm === null ? null : new Said('route.fittings.wood-stands-over', [
            'outer' => Quantity::mm($size->outerMm),
        ]), new Said('route.fittings.try-tail-back')));
    }

    private function glued(): Operation
    {
        $set = $this->set();
        $hazards = $this->hazards();
        $isFerrule = $this->fitting->size->kind === FittingKind::Ferrule;

        return $this->step(null, new Doing($this->subject->technique('glue'), [], on: []), new Timing(
            $this->rates()->glueMinutes, $isFerrule ? 22.0 : 96.0, wait: $set, handling: $isFerrule ? $set : null,
        ), $isFerrule ? new Setup(work: Work::Hand, hazards: $hazards) : new Setup(
            work: Work::Lap, stances: [Stance::Off], hazards: $hazards,
        ), $this->words(
            $isFerrule ? 'glue-on' : 'glue-in', $isFerrule ? 'before-any-oil' : 'for-good', $this->withGlue(),
            new Said($isFerrule ? 'route.fittings.bright-and-clean' : 'route.fittings.wax-the-thread'),
        ));
    }

    private function flushed(): Operation
    {
        $size = $this->fitting->size;

        return $this->step('flush', new Doing($this->subject->technique('scrape'), [], on: []), new Timing(
            $this->rates()->ferruleSeatMinutes, 23.0,
        ), $this->spun([Hazard::HardDust], Speed::rim(
            $size->outerMm ?? $size->diameterMm, $this->rates()->metalRimMS, 'metal',
        )), $this->words('flush', 'metal-and-wood-alike', new Said('route.fittings.file-and-chamfer')));
    }

    private function pinned(): Operation
    {
        return $this->step('pin', new Doing($this->subject->technique('drill'), [], on: []), new Timing(
            $this->rates()->pinMinutes, 24.0,
        ), Holes::heldAcross($this->subject), $this->words(
            'pin', 'straight-shank-turns', new Said('route.fittings.drill-peen-file'),
        ));
    }

    private function tried(): Operation
    {
        return $this->step('try', new Doing($this->subject->technique('fit'), [], on: []), new Timing(
            $this->subject->calibration->bench->easeMinutes, 58.0,
        ), new Setup(work: Work::Hand), $this->words(
            'try', 'wood-can-still-be-eased', new Said('route.fittings.goes-in', [
                'diameter' => Quantity::mm($this->fitting->size->diameterMm),
                'deep' => Quantity::mm($this->fitting->size->lengthMm),
            ]), $this->inOrder(),
        ));
    }

    private function assembled(): Operation
    {
        return $this->step(null, new Doing($this->subject->technique('assemble'), [], on: []), new Timing(
            $this->subject->calibration->bench->fitMinutes, 96.0, wait: $this->set(),
        ), new Setup(
            work: Work::Lap, stances: [Stance::Off],
            hazards: $this->hazards(),
        ), $this->words(
            'put-in', 'finish-is-dry', $this->inOrder(), $this->withGlue(),
            new Said('route.fittings.as-its-sheet-says'),
        ));
    }

    private function rates(): JointRates
    {
        return $this->subject->calibration->joints;
    }

    /** Until what it is glued with has set. */
    private function set(): Wait
    {
        $glue = $this->glue();

        return $glue === null ? Wait::none() : Wait::hours($glue->hours($this->rates()));
    }

    /** @return list<Hazard> of its glue */
    private function hazards(): array
    {
        return Hazard::ofProduct($this->glue()?->hazards() ?? []);
    }

    private function withGlue(): ?Said
    {
        $glue = $this->glue();

        return $glue === null ? null : new Said('route.joints.with-glue', [
            'glue' => $glue->label(), 'hours' => Quantity::hours($glue->hours($this->rates())),
        ]);
    }

    private function inOrder(): ?Said
    {
        return $this->fitting->order === [] ? null : new Said('route.fittings.in-order', [
            'pieces' => array_map(fn (string $one): Said => Said::name($one), $this->fitting->order),
        ]);
    }

    private function glue(): ?JointGlue
    {
        return $this->fitting->gluedWith();
    }

    /** @param  list<Hazard>  $hazards */
    private function spun(array $hazards = [], ?Speed $most = null): Setup
    {
        $stances = array_values(array_filter(
            $this->fitting->from === HoleFrom::Foot ? [Stance::First, Stance::Foot] : [Stance::Main],
            fn (Stance $stance): bool => $this->subject->positions->has($stance),
        ));

        return new Setup(
            work: Work::Spinning, stances: $stances === [] ? null : [$stances[0]],
            speed: $this->subject->rimSpeed()->under($most), hazards: [...$this->subject->spinning(), ...$hazards],
        );
    }

    private function words(string $title, string $because, ?Said ...$how): StepWords
    {
        $said = new Said("route.fittings.$title", ['what' => $this->fitting->size->called(), 'end' => new Said(
            "route.fittings.end-{$this->fitting->from->value}",
        )]);

        return new StepWords(
            $said, new Said("route.fittings.$because"), how: PartContext::said(...$how), brief: Said::lower($said),
        );
    }

    /** @param  string|null  $what  what goes with the fitting; null for what it is about */
    private function step(?string $what, Doing $doing, Timing $timing, Setup $setup, StepWords $words): Operation
    {
        $id = $this->fitting->id;

        return new Operation(
            id: $what === null ? $id : "$id/$what", kind: match ($what) {
                'try' => StepKind::FitLid,
                null => $this->fitting->size->kind === FittingKind::Kit ? StepKind::FitLid : StepKind::Glue,
                default => StepKind::Turn,
            }, part: $this->subject->part->id, doing: Copy::with($doing, ['of' => [$id]]), timing: $timing,
            setup: $setup, words: $words,
        );
    }
}
