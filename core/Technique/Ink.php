<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

/** What a line or a dot of a mark is, and so how it is drawn. */
enum Ink: string
{
    /** The shadow in a cut. */
    case Cut = 'cut';
    /** The edge of a cut, or of a flat. */
    case Edge = 'edge';
    case Burnt = 'burnt';
    case Hole = 'hole';
    case Metal = 'metal';

    /** A shadow lets the wood through. */
    public function opacity(): float
    {
        return $this === self::Cut ? 0.45 : 1.0;
    }

    /** In the colour that was chosen, where it is what fills a groove. */
    public function rgbOr(?string $chosen): string
    {
        return $this === self::Metal && $chosen !== null ? $chosen : $this->rgb();
    }

    public function rgb(): string
    {
        return match ($this) {
            self::Cut => '#2a1a0c',
            self::Edge => '#4a3420',
            self::Burnt => '#140c06',
            self::Hole => '#000000',
            self::Metal => '#8d8877',
        };
    }
}
