<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Geometry\Face;

/** The grits of one mount, coarse to fine, with what each face of it takes of them. */
final readonly class MountLadder
{
    /** @param  non-empty-list<SandingPanel>  $panels  of the faces that are sanded in it, in the order of the page */
    private function __construct(public array $panels, private Show $show)
    {
    }

    /**
     * @param  list<SandingPanel>  $panels
     * @return list<self> by mount; faces that nothing is priced for are left to their own panels
     */
    public static function all(array $panels, Show $show): array
    {
        $mounts = [];
        foreach ($panels as $panel) {
            if ($panel->sanding->rungs() !== []) {
                $faces = Face::among(Face::cases(), [$panel->sanding->face, ...$panel->sanding->shared->with]);
                $mounts[implode(' ', Face::names($faces))][] = $panel;
            }
        }

        return array_map(fn (array $together): self => new self($together, $show), array_values($mounts));
    }

    /** "Outside, inside, rim: 28 min in one mount, grit by grit, …", or "Foot, in a mount of its own: 8 min, P150." */
    public function told(): string
    {
        $minutes = array_sum(array_map(fn (SandingPanel $panel): float => $panel->sanding->minutes(), $this->panels));

        return say($this->isShared() ? 'view.mount-ladder.together' : 'view.mount-ladder.alone', [
            'faces' => mb_ucfirst($this->show->faces($this->faces())), 'minutes' => $this->show->minutes($minutes),
            'grits' => implode(', ', array_column($this->rows(), 0)),
        ]);
    }

    public function isShared(): bool
    {
        return count($this->panels) > 1;
    }

    /** @return list<Face> */
    public function faces(): array
    {
        return array_map(fn (SandingPanel $panel): Face => $panel->sanding->face, $this->panels);
    }

    /** @return list<array{string, list<string>, int}> grit, minutes by face (empty where it is not taken), discs */
    public function rows(): array
    {
        $grits = $taken = [];
        foreach ($this->panels as $i => $panel) {
            foreach ($panel->sanding->rungs() as $rung) {
                $grits[$rung->grit->name] = $rung->grit;
                $taken[$rung->grit->name][$i] = $rung;
            }
        }
        uasort($grits, fn (Grit $a, Grit $b): int => $b->micron <=> $a->micron);
        $rows = [];
        foreach (array_keys($grits) as $name) {
            $minutes = $discs = [];
            foreach ($this->panels as $i => $panel) {
                $rung = $taken[$name][$i] ?? null;
                $minutes[] = $rung === null ? '' : number_format($rung->minutes, 1);
                // Discs of a shared ladder serve all its faces; those of a way of one's own are its own.
                $discs[$panel->sanding->isOnLadder() ? 'shared' : $i] = $rung === null
                    ? ($discs[$panel->sanding->isOnLadder() ? 'shared' : $i] ?? 0) : $rung->discs;
            }
            $rows[] = [$this->show->grit($name), $minutes, array_sum($discs)];
        }

        return $rows;
    }

    /** @return list<string> minutes of the last grit along the grain, by face; empty where no face has them */
    public function alongGrain(): array
    {
        $minutes = array_map(
            fn (SandingPanel $panel): float => $panel->sanding->job->alongGrainMinutes(), $this->panels,
        );

        return array_sum($minutes) <= 0 ? [] : array_map(
            fn (float $one): string => $one > 0 ? number_format($one, 1) : '', $minutes,
        );
    }
}
