<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workshop;

/** The addresses of every page that a workshop has. */
final class Pages
{
    private const OF_A_PIECE = [
        'shape', 'surface', 'marks', 'coats', 'route', 'record', 'card', 'mark-out', 'turned',
        'recipes', 'sale', 'owner-card',
    ];

    private const OF_A_WORKSHOP = [
        '/bench', '/pieces', '/pieces/create', '/weeks', '/weeks/try', '/weeks/promise', '/weeks/sheet',
        '/shop/hands', '/rack', '/rack/new', '/rack/weigh', '/rack/labels',
        '/shelf', '/swatches', '/shop', '/shop/safety', '/shop/sheets', '/shop/you',
        '/shop/you/sign-in', '/shop/people/record', '/dates', '/shop/along',
        '/shop/climate', '/shop/lathe', '/shop/instruments', '/shop/learnt',
        '/log', '/lab', '/shelf/count', '/shelf/mixes', '/shelf/woods', '/shelf/sizes', '/swatches/new',
        '/shelf/tin?product=Hard-wax%20oil', '/rack/for', '/rack/weights', '/empty', '/recipes',
        '/help', '/help/words', '/help/words/tenon', '/help/figures', '/help/new', '/find?q=bowl',
    ];

    /** @return list<string> */
    public static function of(Workshop $workshop): array
    {
        $pages = self::OF_A_WORKSHOP;
        foreach ($workshop->pieces as $piece) {
            $tabs = $piece->isInWork() ? [...self::OF_A_PIECE, 'recipes/three-dyes'] : self::OF_A_PIECE;
            $pages = [...$pages, ...array_map(fn (string $tab): string => "/pieces/$piece->id/$tab", $tabs)];
            foreach ($piece->document->fields()['parts'] as $part) {
                foreach ($part['marks'] as $mark) {
                    $pages[] = "/pieces/$piece->id/marks?part={$part['id']}&mark={$mark['id']}";
                }
            }
            foreach ($piece->plannedSteps()->where('is_next', true)->get() as $step) {
                $pages[] = "/steps/$step->id/wrong";
                if ($step->isMixed()) {
                    $pages[] = "/steps/$step->id/cup";
                }
            }
        }

        foreach ($workshop->recipes()->kept()->pluck('id') as $recipe) {
            $pages[] = "/recipes/$recipe";
        }
        foreach ($workshop->swatches()->pluck('id') as $swatch) {
            $pages[] = "/swatches/$swatch";
        }

        return [...$pages, ...$workshop->blanks()->limit(4)->pluck('id')->map(
            fn (int $blank): string => "/rack/$blank",
        )->all()];
    }
}
