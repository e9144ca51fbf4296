<?php

declare(strict_types=1);

namespace App\Models;

/** What a change to a piece was, as its history keeps it. */
enum Change: string
{
    case Drawn = 'drawn';
    case BroughtIn = 'brought in';
    case Copied = 'copied';
    case Particulars = 'particulars';
    case Shape = 'shape';
    case UnitDrawn = 'unit drawn';
    case PartAdded = 'part added';
    case PartTakenAway = 'part taken away';
    case Joint = 'joint';
    case Sanding = 'sanding';
    case MarkPlaced = 'mark placed';
    case MarkChanged = 'mark changed';
    case MarksMoved = 'marks moved';
    case MarksCopied = 'marks copied';
    case MarksMirrored = 'marks mirrored';
    case MarkRemoved = 'mark removed';
    case RecipeUsed = 'recipe used';
    case SurfaceTaken = 'surface taken';
    case FlawPlaced = 'flaw placed';
    case FlawChanged = 'flaw changed';
    case FlawRemoved = 'flaw removed';
    case HolePlaced = 'hole placed';
    case HoleChanged = 'hole changed';
    case HoleRemoved = 'hole removed';
    case FittingPlaced = 'fitting placed';
    case FittingChanged = 'fitting changed';
    case FittingRemoved = 'fitting removed';
    case RimMeasured = 'rim measured';
    case WallMeasured = 'wall measured';
    case WallCleared = 'wall cleared';
    case InsideDeepened = 'inside deepened';
    case InsideRedrawn = 'inside redrawn';
    case OutsideMirrored = 'outside mirrored';
    case StockEntered = 'blank entered';
    case StockRemoved = 'blank removed';
    case Coats = 'coats';
    case WindowMissed = 'window missed';
    case RemedyTaken = 'remedy taken';
    case StepMoved = 'step moved';
    case OwnOrderTakenBack = 'own order taken back';
    case OwnStepAdded = 'own step added';
    case OwnStepRemoved = 'own step removed';
    case WayOfWorkingChosen = 'way of working chosen';
    case SomethingMended = 'something mended';
    case Undone = 'undone';
    case Redone = 'redone';

    public function words(): string
    {
        return say('models.change.'.str_replace(' ', '-', $this->value));
    }
}
