<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** What may be true of a place on a part while it is made; operations need it, leave it or spoil it. */
enum State
{
    /** It runs true all round. */
    case Round;

    /** Its last shape is cut. */
    case Shaped;

    /** There is wood to hold the part by: a tenon, a recess or a waste end. */
    case Holdable;

    /** Cracks are closed, soft wood is stiff, torn wood is cut again. */
    case Sound;

    /** Sanded as far as it will be. */
    case Smooth;

    /** The fibres that water raises have been raised and cut back. */
    case Settled;

    /** No texture, groove or burn that paper would blunt or take off. */
    case Plain;

    /** No char or burnt line. */
    case Unburnt;

    /** No colour. */
    case Undyed;

    /** Cut, burnt and coloured as it will be. */
    case Decorated;

    /** No glue line, oil, wax or film: what is laid on reaches wood. */
    case Bare;

    /** Free of the dust of sanding. */
    case Clean;

    /** Parts that meet there are one. */
    case Joined;

    /** Proved to hold water. */
    case Tight;
}
