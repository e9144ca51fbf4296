<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Geometry\Face;

/** Which faces can take each grit one after the other: sanded in one mount, and nothing cut or coated in between. */
final class SandedInOneGo
{
    /**
     * @param  iterable<array{string|null, int, StepKind, list<Face>}>  $steps  part, number of the mount, kind and
     *     faces, in order
     * @return array<string, list<list<Face>>> groups of faces, by part
     */
    public static function of(iterable $steps): array
    {
        $groups = $broken = [];
        foreach ($steps as [$part, $stage, $kind, $faces]) {
            $key = ($broken[$part ?? ''] ?? 0)." $stage";
            if ($kind === StepKind::Sand && $part !== null) {
                $groups[$part][$key] = Face::once([...$groups[$part][$key] ?? [], ...$faces]);
            }
            $broken[$part ?? ''] = ($broken[$part ?? ''] ?? 0) + (int) in_array($kind, [
                StepKind::Turn, StepKind::Repair, StepKind::Coat,
            ], true);
        }

        return array_map(array_values(...), $groups);
    }
}
