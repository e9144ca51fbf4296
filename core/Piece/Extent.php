<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * How much there is in a piece over all its parts. Each part may hold a good deal and a piece several parts; all of
 * both at once would be no piece of turning, and cost every page of it many seconds.
 */
final readonly class Extent
{
    /** What is counted => the most that a piece takes over all its parts. */
    public const MOST = ['nodes' => 640, 'marks' => 60, 'coats' => 72, 'flaws' => 60];

    /** @param  array<key-of<self::MOST>, int>  $counts */
    private function __construct(private array $counts)
    {
    }

    public static function of(Piece $piece): self
    {
        $counts = ['nodes' => 0, 'marks' => 0, 'coats' => 0, 'flaws' => 0];
        foreach ($piece->parts as $part) {
            $counts['nodes'] += count($part->profile->outer->nodes) + count($part->profile->inner->nodes ?? []);
            $counts['marks'] += count($part->marks);
            $counts['coats'] += array_sum(array_map(fn (CoatPlan $plan): int => count($plan->coats), $part->coatPlans));
            $counts['flaws'] += count($part->flaws);
        }

        return new self($counts);
    }

    /**
     * @param  self|null  $before  what the piece had already: what was taken once stays
     *
     * @throws InvalidField
     */
    public function refuse(?self $before = null): void
    {
        foreach ($this->counts as $what => $count) {
            if ($count > max(self::MOST[$what], $before->counts[$what] ?? 0)) {
                throw InvalidField::because(
                    'parts', "$count $what", new Said('piece.extent.piece-takes-most-over', [
                        'most' => Quantity::count(self::MOST[$what]),
                        'what' => $what,
                    ]),
                );
            }
        }
    }
}
