<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** The kinds of step a route is made of. */
enum StepKind: string
{
    case Hold = 'hold';
    case Turn = 'turn';
    case Repair = 'repair';
    case Sand = 'sand';
    case RaiseGrain = 'raise-grain';
    case Mark = 'mark';
    case FitLid = 'fit-lid';
    case DustOff = 'dust-off';
    case Coat = 'coat';
    case Denib = 'de-nib';
    case WipeOff = 'wipe-off';
    case Test = 'test';
    case Buff = 'buff';
    case Foot = 'foot';
    case Sign = 'sign';
    case Cure = 'cure';
    case Ready = 'ready';
    case Glue = 'glue';
    case Own = 'own';

    /** Whether it prepares for another step, so that once that one is done it is past. */
    public function isPrepared(): bool
    {
        return in_array($this, [
            self::Sand, self::RaiseGrain, self::DustOff, self::Denib, self::WipeOff, self::Turn,
        ], true);
    }

    /** Whether the maker may give it another place: mounts follow from what is done in them, the end from all else. */
    public function canBeMoved(): bool
    {
        return ! in_array($this, [self::Hold, self::Cure, self::Ready], true);
    }

    public function isMark(): bool
    {
        return $this === self::Mark;
    }

    /** Whether the step is done once something has hardened, so that the wait is what it is about. */
    public function isAWait(): bool
    {
        return in_array($this, [self::Buff, self::Foot, self::Cure], true);
    }

    /** Where the figures of such a step come from: its minutes, amounts and speeds. */
    public function why(): string
    {
        return match ($this) {
            self::Sand => 'Grits and minutes come from the scratch model (see Surface), which is a workshop model on '
                .'published grain sizes and hardness. The speed is physics, v = πDn/60 000, held to the rim speed set '
                    .'under Shop.',
            self::Coat => 'The amount is exact on the coverage the label gives; that bare end grain drinks three '
                .'times as much on the first coat, and what stays in cloth, brush or cup or is lost in a spray, are '
                .'workshop figures. So are the minutes: three, and about one for every 100 cm². Waits are the tin\'s '
                .'hours, 2.5 times as long for oil and varnish on an oily wood that is not sealed (workshop), or what '
                .'the next coat asks for, run through this shop\'s air (see Coats).',
            self::Repair => 'Minutes, waits and volumes are workshop figures (catalogue/constants.csv): a hairline '
                .'drinks 0.03 mL of thin CA a cm, a void takes half its length × width × depth in fills of 3 mm, a '
                .'soft patch 0.4 mL a cm².',
            self::Denib => 'A pad takes about 3 µm, steel wool 4, worn paper 8 (workshop); 0.8 min for every 100 cm². '
                .'The film that stands is coverage × solids of the coats so far, less every rubbing; the first coat '
                .'of a thin sealer leaves half.',
            self::Mark => 'Minutes and wait are the ones you typed or the usual ones (workshop; a pen\'s from strokes '
                .'2 mm apart at 6·(6000 ÷ hardness)^½ mm/s); a dye\'s wait is its drying time run through this '
                .'shop\'s air.',
            self::Buff => 'The wait is what the product\'s class needs before a cloth by hand (days) or the wheel '
                .'with compound (weeks), run through this shop\'s air; two minutes, and 1 to 1.5 for every 100 cm², '
                .'are workshop figures.',
            self::Turn => 'Minutes are the wood taken off over a workshop rate for this hardness, and 1.5 for every '
                .'100 cm² that is finish-cut; volumes are exact from the drawing. The speed is physics, held to 9 m/s '
                    .'at '
                .'the rim (3 where the wood is flawed).',
            self::Cure => 'How long every coat needs for what the piece is for: to be handled, or full cure on the '
                .'surface that holds food, run through this shop\'s air (workshop model on the tin\'s figures).',
            default => 'The minutes are a usual figure (workshop). Log what it really takes, and the record shows '
                .'both.',
        };
    }
}
