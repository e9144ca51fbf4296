<?php

declare(strict_types=1);

namespace HonestGrain\Route;

/** Which faces can take each grit one after the other: sanded in one mount, and nothing cut or coated in between. */
final class SandedInOneGo
{
    /**
     * @param  iterable<array{string|null, int, StepKind, string}>  $steps  part, number of the mount, kind and face, in
     *     order
     * @return array<string, list<list<string>>> groups of faces, by part
     */
    public static function of(iterable $steps): array
    {
        $groups = $broken = [];
        foreach ($steps as [$part, $stage, $kind, $face]) {
            $key = ($broken[$part ?? ''] ?? 0)." $stage";
            if ($kind === StepKind::Sand && $part !== null) {
                $groups[$part][$key][$face] = $face;
            }
            $broken[$part ?? ''] = ($broken[$part ?? ''] ?? 0) + (int) in_array($kind, [
                StepKind::Turn, StepKind::Repair, StepKind::Coat,
            ], true);
        }

        return array_map(
            fn (array $of): array => array_map(array_values(...), array_values($of)), $groups,
        );
    }
}
