<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** What keeps a route from a date. */
enum ConflictCode: string
{
    case Forbidden = 'forbidden';

    /** A wish in the maker's order that is not followed; the route stands without it. */
    case Order = 'order';

    /** Wood that dries until nobody knows when: what comes before can be done. */
    case WoodDries = 'wood-dries';

    /** Sanding that nobody can put minutes to. */
    case Unpriced = 'unpriced';

    /** Parts that are drawn so that one does not go into the other. */
    case Unjoined = 'unjoined';

    /** More than the lathe takes. */
    case Swing = 'swing';

    /** A hole that no bit of the shop bores, and too narrow for a tool. */
    case NoBit = 'no-bit';

    /** A hollow deeper than any tool of the shop's reaches. */
    case NoTool = 'no-tool';

    /** A part that nothing of the shop's holds. */
    case NoHold = 'no-hold';

    /** Parts that do not come out of the blank that was entered. */
    case Stock = 'stock';

    /** A hole that comes out where nobody asked for it. */
    case Hole = 'hole';

    /** Work that must turn slower than the lathe can. */
    case TooFast = 'too-fast';

    /** A hold that the part does not offer. */
    case Hold = 'hold';

    /** A face that is sanded with oil before what oil keeps off. */
    case Oiled = 'oiled';

    /** Iron that stays in wood which it stains. */
    case Iron = 'iron';

    /** A film on wood that has still to dry. */
    case WetWood = 'wet-wood';
}
