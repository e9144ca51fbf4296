<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal\Work;

use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Holding\Holding;
use HonestGrain\Holding\Stance;
use HonestGrain\Rack\RoughOut;
use HonestGrain\Route\Internal\Operation;
use HonestGrain\Route\Internal\Precedence;
use HonestGrain\Route\StepKind;
use HonestGrain\Schedule\Wait;
use HonestGrain\Technique\Work;
use HonestGrain\Wood\RimSpeed;

/**
 * Wet wood that dries before it is finished: hollow work as a rough-out with a thick wall, solid work as it lies. What
 * is cut wet touches none of the states of the finished faces: all of it is cut again.
 *
 * @internal
 */
final readonly class Roughing
{
    private RoughOut $size;

    private function __construct(private PartContext $subject)
    {
        $this->size = $subject->roughOut();
    }

    /** @return list<Operation> */
    public static function of(PartContext $subject): array
    {
        if (! $subject->driesFirst()) {
            return [];
        }
        $self = new self($subject);

        return [...$subject->isRoughedOut() ? $self->wet() : [], $self->dry()];
    }

    /**
     * @param  list<Operation>  $operations  of the whole piece
     * @return list<Precedence>
     */
    public static function chains(PartContext $subject, array $operations): array
    {
        if (! $subject->driesFirst()) {
            return [];
        }
        $dry = $subject->id('dry');
        $wet = $subject->isRoughedOut() ? array_map(
            fn (Operation $one): string => $one->id, (new self($subject))->wet(),
        ) : [];
        $chains = [];
        foreach ([...array_slice($wet, 1), ...$wet === [] ? [] : [$dry]] as $i => $later) {
            $chains[] = Precedence::rule(
                $wet[$i], $later, Wait::none(), 'Roughed from this side first, then from the other, then wrapped.',
            );
        }
        if ($wet !== []) {
            $chains[] = Precedence::rule($wet[0], $wet[count($wet) - 1], Wait::hours(
                0, $subject->calibration->drying->greenWindowHours,
            ), 'Once begun it is carried through: wet wood left open cracks. Stop only with it in a bag.');
        }
        foreach ($operations as $operation) {
            if ($operation->part === $subject->part->id && $operation->id !== $dry
                && ! in_array($operation->id, $wet, true)) {
                $chains[] = Precedence::rule($dry, $operation->id, Wait::none(), $operation->id === $subject->id('true')
                    ? 'What is trued wet dries oval again.' : 'What is done to wet wood moves with it as it dries.');
            }
        }

        return $chains;
    }

    /** @return list<Operation> in their order */
    private function wet(): array
    {
        $size = $this->size;
        $holding = $this->subject->part->holding;

        return [
            $this->cut('rough', 'rough', 'Bring the wet blank round', $this->roundMm3(), 1.0, [
                Turning::BY_HAND_FIRST,
                sprintf('To %.0f mm across and %.0f mm long.', $size->diameterMm, $size->heightMm),
                'The pith cut away, or kept out of the wall.',
            ]),
            ...$holding->isCut() ? [$this->hold()] : [],
            $this->cut(
                'rough-out', 'rough', 'Rough it out, outside and inside', $this->hollowMm3(), 1.2, $this->walls(),
                StepKind::RoughOut, [Stance::Main],
            ),
            new Operation(
                $this->subject->id('wrap'), $this->subject->technique('pack'), StepKind::Turn, $this->subject->part->id,
                [], 'Seal its end grain, number it and wrap it', $this->subject->calibration->bench->weighMinutes,
                'End grain loses water faster than the rest of it, and cracks.', 1.3, hold: 'on the bench',
                how: ['Wax or sealer on all end grain, the rim too where it is end grain.',
                    'Number and date on the wood; weigh it now: its curve begins here.'],
                zone: implode(', ', $this->subject->faces()), brief: 'wrapping it', stances: [Stance::Off],
            ),
        ];
    }

    private function dry(): Operation
    {
        $subject = $this->subject;

        return new Operation(
            $subject->id('dry'), $subject->technique('weigh'), StepKind::Dry, $subject->part->id, $subject->places(
                $subject->faces(),
            ), 'Dry on the rack, then off the scale', $subject->calibration->bench->weighMinutes,
            'It shrinks and goes oval until then; what is finished before moves under its finish.', 1.5,
            how: [
                'End grain sealed, wrapped or bagged; a weight every two weeks.',
                'Ready where the weight stands still, not where the calendar says so.',
            ], hold: 'on the rack', brief: 'the wood drying', stances: [Stance::Off],
        );
    }

    private function hold(): Operation
    {
        $isTenon = $this->subject->part->holding === Holding::Tenon;
        $size = $this->size;
        $minutes = $this->subject->calibration->turning->holdMinutes;
        $dries = $size->shrinkFraction === null ? 'How much it shrinks nobody published: leave it a tenth over.'
            : sprintf('Every 100 mm of it dry to %.1f mm, and are trued besides.', 100 * (1 - $size->shrinkFraction));

        return $this->operation(
            'rough-hold', $isTenon ? 'tenon' : 'recess', $isTenon ? 'Cut a tenon to rough it by'
                : 'Cut a recess to rough it by', $minutes, 1.1,
            [$isTenon && $size->tenonMm !== null ? sprintf(
                'A tenon of %.0f mm: trued when dry, it suits the circle of your %s.', $size->tenonMm, $size->jaws,
            ) : $dries], StepKind::Turn, null, 'foot',
        );
    }

    /** @return list<string> */
    private function walls(): array
    {
        $size = $this->size;

        return [
            sprintf('Wall %.0f mm, even all the way: an uneven one cracks.', $size->wallMm()),
            $size->shrinkWallMm === null ? sprintf(
                'That is a tenth of its diameter, the common rule; nobody published how its wood shrinks.',
            ) : sprintf(
                'By the common rule, a tenth of its diameter, %.0f mm; by its wood\'s shrinkage %.0f mm. The greater '
                    .'is safe.', $size->ruleWallMm, $size->shrinkWallMm,
            ),
        ];
    }

    /**
     * @param  list<string>  $how
     * @param  list<Stance>|null  $stances
     */
    private function cut(
        string $what,
        string $technique,
        string $title,
        float $wasteMm3,
        float $rank,
        array $how,
        StepKind $kind = StepKind::Turn,
        ?array $stances = null,
    ): Operation {
        return $this->operation(
            $what, $technique, $title,
            $wasteMm3 / 1000 / $this->subject->calibration->turning->roughCm3PerMinute, $rank, $how, $kind, $stances,
            implode(', ', $this->subject->faces()),
        );
    }

    /**
     * @param  list<string>  $how
     * @param  list<Stance>|null  $stances
     */
    private function operation(
        string $what,
        string $technique,
        string $title,
        float $minutes,
        float $rank,
        array $how,
        StepKind $kind,
        ?array $stances,
        string $zone,
    ): Operation {
        $subject = $this->subject;
        $figures = $subject->calibration;
        $rimSpeed = $subject->part->mayFly() ? $figures->repairs->flawedRimSpeedMPerS
            : $figures->turning->rimSpeedMPerS;

        return new Operation(
            $subject->id($what), $subject->technique($technique), $kind, $subject->part->id, [], $title,
            max(1.0, $minutes), 'It is cut thick while it is wet, and to its line once it is dry.', $rank,
            hazards: $subject->spinning(), how: $how, rpm: RimSpeed::rpmFor(
                $this->size->diameterMm, $rimSpeed * ($what === 'rough' ? $figures->speed->startShare : 1),
            ),
            work: Work::Spinning, zone: $zone, brief: lcfirst($title),
            stances: $stances ?? [$subject->positions->has(Stance::First) ? Stance::First : Stance::Main],
        );
    }

    /** What is turned off until the blank is round: a square one's corners, or what the saw left of a round one. */
    private function roundMm3(): float
    {
        return $this->roundBlankMm3() * ($this->subject->part->grain === GrainDirection::End ? 4 / M_PI - 1 : 0.1);
    }

    /** What is turned off the round blank until its rough wall is left. */
    private function hollowMm3(): float
    {
        $subject = $this->subject;
        $thicker = $this->size->wallMm() - ($subject->measured->wall->minMm ?? 0.0);
        $roughOut = $subject->measured->volumeMm3 + $thicker * $subject->areaMm2(['inside', 'outside']) / 2;

        return max(0.0, $this->roundBlankMm3() - $roughOut);
    }

    private function roundBlankMm3(): float
    {
        return M_PI * ($this->size->diameterMm / 2) ** 2 * $this->size->heightMm;
    }
}
