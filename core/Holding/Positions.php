<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

use HonestGrain\Geometry\Face;

/** Every position that a part can take, from how it is held, whether it is turned already and how its grain runs. */
final readonly class Positions
{
    private const MAIN = [Face::Outside, Face::Rim, Face::Inside, Face::Top, Face::Bore];

    /** @param  array<string, Position>  $byStance */
    private function __construct(private array $byStance, public Holding $holding)
    {
    }

    /**
     * @param  Mount|null  $first  how it is held until the tenon or recess that holds it is cut; null where it is
     *     already
     * @param  Mount|null  $truing  how it is held while that is trued, where it dried oval
     * @param  Mount|null  $foot  how it is held while its foot is finished; as most are where nobody said
     * @param  bool  $isBall  whether it is turned a quarter between two cups once it is round
     * @param  bool  $reverses  whether it is turned round for its foot at all
     * @param  bool  $isHeldAtBothEnds  whether it gets a hold at its other end, too, to be bored from both
     */
    public static function of(
        Holding $holding, ?Mount $first, ?Mount $truing = null, ?Mount $foot = null, bool $reverses = true,
        bool $isBall = false, bool $isHeldAtBothEnds = false,
    ): self {
        if ($isBall) {
            return self::ofBall($holding);
        }
        $main = match ($holding) {
            Holding::BetweenCentres => Face::except(self::MAIN, [Face::Top]),
            // By its edge.
            Holding::WideJaws => Face::except(self::MAIN, [Face::Outside]),
            Holding::JamPartner => [Face::Outside, Face::Top],
            Holding::Mandrel => [Face::Outside, Face::Rim, Face::Top, Face::Foot],
            default => self::MAIN,
        };
        $positions = [
            new Position(Stance::Main, $holding->on(), $main),
            new Position(Stance::Off, Mount::Lap, [...self::MAIN, Face::Foot]),
        ];
        foreach ([[Stance::First, $first], [Stance::Truing, $truing]] as [$stance, $mount]) {
            if ($mount !== null && $holding->hasFirst()) {
                $positions[] = new Position($stance, $mount, [Face::Outside, Face::Foot]);
            }
        }
        if ($isHeldAtBothEnds) {
            // Nothing but the bore: what it holds by is turned away again.
            $positions[] = new Position(Stance::Far, $holding->on(), []);
        }
        if ($reverses && $holding->isReversed()) {
            $positions[] = new Position(
                Stance::Foot, $foot ?? $holding->reversed(),
                $holding === Holding::WideJaws ? [Face::Outside, Face::Foot] : [Face::Foot],
            );
        }

        return self::byStance($holding, ...$positions);
    }

    /** Between centres until it is round, then between two cups, where all of it is reached in turn. */
    private static function ofBall(Holding $holding): self
    {
        return self::byStance(
            $holding, new Position(Stance::Main, Mount::BetweenCentres, []),
            new Position(Stance::Foot, Mount::Jam, self::MAIN), new Position(Stance::Off, Mount::Lap, self::MAIN),
        );
    }

    private static function byStance(Holding $holding, Position ...$positions): self
    {
        $byStance = [];
        foreach ($positions as $position) {
            $byStance[$position->stance->value] = $position;
        }

        return new self($byStance, $holding);
    }

    public function at(Stance $stance): Position
    {
        return $this->byStance[$stance->value]
            ?? throw new \LogicException("This part is never held so: $stance->value.");
    }

    public function has(Stance $stance): bool
    {
        return isset($this->byStance[$stance->value]);
    }

    /** @return list<Position> on the lathe */
    public function onLathe(): array
    {
        return array_values(array_filter($this->byStance, fn (Position $one): bool => $one->isOnLathe()));
    }
}
