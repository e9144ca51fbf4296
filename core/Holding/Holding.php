<?php

declare(strict_types=1);

namespace HonestGrain\Holding;

/** How a piece is held while it is worked, and so how its foot is finished. */
enum Holding: string
{
    case Tenon = 'tenon';
    case Recess = 'recess';
    case BetweenCentres = 'between-centres';
    case Faceplate = 'faceplate';
    case Jam = 'jam';

    public function mount(): string
    {
        return match ($this) {
            self::Tenon => 'Mount by the tenon',
            self::Recess => 'Mount by the recess',
            self::BetweenCentres => 'Mount between centres',
            self::Faceplate => 'Mount on the faceplate',
            self::Jam => 'Mount against a jam chuck',
        };
    }

    /** How the piece sits on the lathe. */
    public function mounted(): string
    {
        return match ($this) {
            self::Tenon, self::Recess => 'in the chuck',
            self::BetweenCentres => 'between centres',
            self::Faceplate => 'on the faceplate',
            self::Jam => 'on the jam chuck',
        };
    }

    /** Whether wood is cut to hold it by before the rest is turned. */
    public function isCut(): bool
    {
        return $this === self::Tenon || $this === self::Recess;
    }

    /** Whether wood that holds it comes off in the end. */
    public function isPartedOff(): bool
    {
        return in_array($this, [self::Tenon, self::Faceplate, self::BetweenCentres], true);
    }

    /**
     * How it stands while a coat dries.
     *
     * @param  bool  $isReleased  whether what held it is off already
     */
    public function drying(bool $isReleased): string
    {
        return $isReleased ? 'on points, free all round' : match ($this) {
            self::Tenon => 'on points, tenon still on',
            self::Recess => 'on points, on its bare foot',
            self::BetweenCentres => 'hung by a waste end',
            self::Faceplate => 'on points, waste block still on',
            self::Jam => 'on points, off the jam chuck',
        };
    }

    /** Why mounting comes first. */
    public function because(): string
    {
        return match ($this) {
            self::Tenon => 'First, because all that spins is easier with the tenon still on. '.$this->marked(),
            self::Recess => 'First, because all that spins is easier while the recess is clean. '.$this->marked(),
            self::BetweenCentres => 'First, because all that spins is easier with the waste ends still on. '
                .$this->marked(),
            self::Faceplate => 'First, because all that spins is easier with the waste block still on. '
                .$this->marked(),
            self::Jam => 'First, and pressed home until it runs true: all that spins is done here.',
        };
    }

    /** What is marked so that it goes back as it was. */
    public function marked(): string
    {
        return match ($this) {
            self::Tenon, self::Recess => 'Mark the jaw numbers for a true re-mount.',
            self::Faceplate => 'Mark block and plate for a true re-mount.',
            self::BetweenCentres => 'Mark one end for a true re-mount.',
            self::Jam => 'Pencil a line across block and work for a true re-mount.',
        };
    }

    /** How it goes back after it came off. */
    public function remounted(): string
    {
        return match ($this) {
            self::Tenon, self::Recess => 'By the jaw numbers marked on it; padding where jaws touch a finish.',
            self::Faceplate => 'In its own screw holes, by the marks on block and plate.',
            self::BetweenCentres => 'The marked end to the drive, both centres in their own holes.',
            self::Jam => 'By the line across block and work, pressed home; paper between where it touches a finish.',
        };
    }

    /** @param  bool  $stands  whether the piece stands on this end */
    public function release(bool $stands): string
    {
        return match ($this) {
            self::Tenon => $stands ? 'Take off the tenon and dish the foot' : 'Take off the tenon',
            self::Faceplate => $stands ? 'Part off the waste block and dish the foot' : 'Part off the waste block',
            self::BetweenCentres => 'Part off the waste ends',
            self::Recess => 'Clean up the recess',
            self::Jam => 'Clean up the foot',
        };
    }

    /** How it is turned round so that its foot can be reached. */
    public function turnRound(): string
    {
        return match ($this) {
            self::Recess => 'Turn it round in wide padded jaws',
            self::Jam => 'Turn it round on the jam chuck',
            self::Tenon, self::Faceplate, self::BetweenCentres => 'Turn it round against a soft pad',
        };
    }

    public function releaseBecause(bool $isCoated, bool $stands): string
    {
        $last = $isCoated
            ? 'Last on the lathe, after every coat that is rubbed or buffed there.'
            : 'Last on the lathe, after all that spins.';

        return in_array($this, [self::Tenon, self::Faceplate], true) && $stands
            ? "$last Dish it a little so that the piece cannot rock." : $last;
    }

    public function releaseHow(bool $isHollow): string
    {
        return match ($this) {
            self::Tenon => 'A soft pad between the '
                .'drive and '.($isHollow ? 'the finished inside.' : 'the finished end.'),
            self::Recess => 'Padding between the jaws and the finished rim.',
            self::BetweenCentres => 'Part to a thin core, stop the lathe and saw through; sand the ends by hand, with '
                .'the grain.',
            self::Faceplate => 'Part to a thin core, stop the lathe and saw through; a soft pad behind the finished '
                .($isHollow ? 'inside.' : 'end.'),
            self::Jam => 'A turn of paper keeps the finished end from marking; tail centre up with a soft pad.',
        };
    }

    public function hold(): string
    {
        return match ($this) {
            self::Tenon => 'reversed against a soft pad, tail centre up',
            self::Recess => 'reversed in padded wide jaws',
            self::BetweenCentres => 'between centres, then in the lap with the lathe stopped',
            self::Faceplate => 'reversed against a soft pad, tail centre up',
            self::Jam => 'reversed on the jam chuck, tail centre up',
        };
    }

    public function on(): Mount
    {
        return Mount::from($this->value);
    }

    /** How it is held while its foot is finished. */
    public function reversed(): Mount
    {
        return match ($this) {
            self::Recess => Mount::WideJaws,
            self::BetweenCentres => Mount::BetweenCentres,
            default => Mount::Jam,
        };
    }

    /** The zones that only come free when the piece comes off the lathe. */
    public function covers(string $zone): bool
    {
        return $zone === 'foot' || ($zone === 'top' && $this === self::BetweenCentres);
    }
}
