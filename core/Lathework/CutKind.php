<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

/** What a cut is for: it decides how fast wood comes off, and whether a face is left clean behind it. */
enum CutKind: string
{
    /** A blank brought round, or a rough-out's outside taken down. */
    case Rough = 'rough';

    /** A rough-out that dried oval brought round again; the last cut comes later. */
    case True = 'true';

    /** The outside, to its last line. */
    case Shape = 'shape';

    /** The inside, to its last line. */
    case Hollow = 'hollow';

    /** Wet wood cut hollow to a thick wall; nothing of it is finished. */
    case RoughOut = 'rough-out';

    public function isHollowing(): bool
    {
        return $this === self::Hollow || $this === self::RoughOut;
    }

    public function leavesAFinishedFace(): bool
    {
        return $this === self::Shape || $this === self::Hollow;
    }
}
