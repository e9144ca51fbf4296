<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Form;
use HonestGrain\Reading\Document;
use HonestGrain\Technique\Decoration;

/**
 * Reads a piece document of version 1, which is one part without ids: layers and coat plans are given ids by their
 * place, and the lid of a lidded box, which had no shape, becomes a step of the maker's own.
 */
final class Version1
{
    public const BODY = 'body';

    public const FIT_LID = 'fit-lid';

    /** @var array<string, string> techniques that version 1 named otherwise */
    private const RENAMED = ['v-groove' => 'burnt-line'];

    /** What marks there were then. */
    private const KINDS = ['v-groove', 'flutes', 'spun-texture', 'scorch', 'pen-pattern', 'dye'];

    public static function read(Document $document, Tables $tables): Piece
    {
        $marks = array_map(
            fn (Document $mark): Mark => Mark::of($mark, self::technique($mark, $tables), $mark, $tables),
            $document->has('marks') ? $document->children('marks', Part::MAX_MARKS) : [],
        );
        $taken = array_map(fn (Mark $mark): string => $mark->id(), $marks);
        $body = Part::of(
            $document, $tables, self::BODY, 'Body', $marks, self::ids([...$taken, self::BODY, self::FIT_LID]),
        );
        $isLidded = $document->value('form') === Form::LiddedBox->value;

        return Piece::of($document, [
            'parts' => [$body], 'joints' => [],
            'steps' => $isLidded ? [OwnStep::read(self::lid(), $tables)] : [],
            'order' => self::layered($marks),
        ]);
    }

    /**
     * Colours laid over each other were made in the order of the document.
     *
     * @param  list<Mark>  $marks
     * @return list<array{string, string}>
     */
    private static function layered(array $marks): array
    {
        $order = [];
        foreach ($marks as $i => $mark) {
            foreach (array_slice($marks, $i + 1) as $later) {
                if ($mark->rank() === $later->rank() && $mark->overlaps($later)) {
                    $order[] = [$mark->id(), $later->id()];
                }
            }
        }

        return $order;
    }

    private static function technique(Document $mark, Tables $tables): Decoration
    {
        $kind = $mark->choice('kind', self::KINDS);

        return $tables->techniques->decoration(self::RENAMED[$kind] ?? $kind, $mark->at('kind'));
    }

    private static function lid(): Document
    {
        return Document::of([
            'id' => self::FIT_LID, 'title' => 'Fit the lid, then ease it off', 'part' => self::BODY, 'minutes' => 15,
            'mount' => 'tenon', 'before' => [self::BODY.'/wipe-clean'],
        ]);
    }

    /**
     * "l1", "l2", … and "c1", "c2", …, but for what is taken.
     *
     * @param  list<string>  $taken
     * @return \Closure(string): string
     */
    private static function ids(array $taken): \Closure
    {
        $counts = [];

        return function (string $kind) use ($taken, &$counts): string {
            do {
                $counts[$kind] = ($counts[$kind] ?? 0) + 1;
                $id = $kind.$counts[$kind];
            } while (in_array($id, $taken, true));

            return $id;
        };
    }
}
