<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\EntryKind;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\PlannedStep;
use App\Models\User;
use HonestGrain\Mending\Cause;
use HonestGrain\Mending\Causes;
use HonestGrain\Mending\Fault;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Mending\Mended;
use HonestGrain\Mending\Remedies;
use HonestGrain\Mending\Seen;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Said;

/** From something that went wrong to what is done about it: the piece is held back until its maker has chosen. */
final readonly class Mender
{
    public function __construct(
        private ShopMapper $mapper,
        private Planner $planner,
        private PieceEditor $editor,
        private PlanMaker $maker,
        private Logbook $logbook,
    ) {
    }

    /**
     * Writes the fault down and holds the piece back.
     *
     * @param  array<string, mixed>  $fault  as `bin/grain mend` takes it
     */
    public function hold(PlannedStep $step, User $user, array $fault, ?string $body, Press $press): void
    {
        $piece = $step->piece;
        $read = Fault::read(Document::of($fault), $this->core($piece));
        $what = new Said('bench.wrong', [
            'step' => $step->title, 'fault' => $read->kind->label(), 'face' => $read->face()->said(),
        ]);
        $entry = $this->logbook->write($step, $user, EntryKind::Wrong, $body, $press, $what);
        if (! $entry->wasRecentlyCreated) {
            return;
        }
        $fault = Document::of($read->toArray());
        $this->planner->apply($piece->workshop, fn () => $piece->update(['fault' => $fault]), $piece);
    }

    /** It was nothing, or it is left as it is. */
    public function letGo(Piece $piece, User $user): void
    {
        $this->planner->apply($piece->workshop, function () use ($piece, $user): void {
            if ($piece->refresh()->fault === null) {
                return;
            }
            $piece->update(['fault' => null]);
            $piece->workshop->logEntries()->create([
                'piece_id' => $piece->id, 'user_id' => $user->id, 'kind' => EntryKind::Note, 'happened_at' => now(),
                'title' => new Said('bench.goes-on'),
            ]);
        }, $piece);
    }

    /** @return list<Mended> what can be done about it; their ids stay the same from one asking to the next */
    public function remedies(Piece $piece): array
    {
        $core = $this->core($piece);

        return $piece->fault === null ? [] : Remedies::of(
            $core, $this->mapper->bench($piece->workshop, $piece), $this->mapper->tables($piece->workshop, $piece),
            History::of($piece)->inOrder(), Fault::read($piece->fault, $core),
            sprintf('fix-%d', $piece->revision),
        );
    }

    /** The part from another blank; null where nothing was done to it. */
    public function again(Piece $piece, ?string $part): ?Mended
    {
        return Remedies::makeAgain(
            piece: $this->core($piece), bench: $this->mapper->bench($piece->workshop, $piece),
            tables: $this->mapper->tables($piece->workshop, $piece), done: History::of($piece)->inOrder(),
            part: $part, id: sprintf('fix-%d', $piece->revision),
        );
    }

    /** @return non-empty-list<FaultKind> what can be wrong with the part of a step as far as it has come */
    public function seen(PlannedStep $step): array
    {
        $piece = $step->piece;

        return Seen::on(
            $this->core($piece), (string) $step->part, $this->mapper->bench($piece->workshop, $piece),
            $this->mapper->tables($piece->workshop, $piece), History::of($piece)->inOrder(),
        );
    }

    /** @return array{list<Cause>, Said|null} what it may have come from, and why that face can hardly have it */
    public function causes(Piece $piece): array
    {
        $core = $this->core($piece);
        $asked = [
            $core, $this->mapper->bench($piece->workshop, $piece), $this->mapper->tables($piece->workshop, $piece),
            History::of($piece)->inOrder(),
        ];
        $fault = Fault::read($piece->fault ?? Document::of([]), $core);

        return [
            Causes::of(...[...$asked, $fault, History::of($piece)->logged()]), Remedies::doubt(...[...$asked, $fault]),
        ];
    }

    /**
     * When the piece would be ready, second (UTC), beside all others as they stand, or by itself where they are too
     * many; null where no date can be given.
     */
    public function readyWith(Piece $piece, Mended $mended, ShopState $state): ?int
    {
        $changed = clone $piece;
        $changed->forceFill(['document' => Document::decode($mended->piece->encoded()), 'fault' => null]);
        $was = $state->history($piece->id);
        $history = $mended->remedy->anew === null
            ? $was->again($mended->remedy->again) : $was->without($mended->openedBy(array_keys($was->skipped)));
        $among = $state->isTooMuchForAPage() ? $state->idle() : $state;
        $plan = $this->maker->make($among->with($changed, $history));

        return $plan->readyAt($plan->pieces[$piece->id]);
    }

    /**
     * Puts the steps of a remedy into the piece and opens again what must be done again; both, or neither.
     *
     * @throws VersionConflict
     */
    public function choose(Piece $piece, Edit $edit, Mended $mended): void
    {
        $mend = fn (CorePiece $core, Tables $tables): CorePiece => $mended->remedy->on($core, $tables);
        $this->editor->change($piece, $edit, $mend, function (Piece $locked) use ($edit, $mended): void {
            $locked->update(['fault' => null]);
            foreach ($mended->openedBy(array_keys(History::of($locked)->skipped)) as $step) {
                $this->open($locked, $step, $mended, $edit->user);
            }
            $locked->workshop->logEntries()->create([
                'piece_id' => $locked->id, 'user_id' => $edit->user?->id, 'kind' => EntryKind::Note,
                'happened_at' => now(),
                'title' => new Said('bench.chosen', ['remedy' => $mended->remedy->title]),
            ]);
        });
    }

    /** What was done stays written; a further entry says that it is to be done again. */
    private function open(Piece $piece, string $step, Mended $mended, ?User $user): void
    {
        /** @var LogEntry|null $done */
        $done = $piece->logEntries()->where('step', $step)
            ->whereIn('kind', [EntryKind::Done, EntryKind::Skipped])->latest('id')->first();
        if ($done !== null) {
            $piece->workshop->logEntries()->create([
                'piece_id' => $piece->id, 'user_id' => $user?->id, 'step' => $step,
                'kind' => $mended->remedy->anew === null ? EntryKind::Again : EntryKind::Anew,
                'title' => new Said(
                    'bench.again', ['step' => $done->title ?? $step, 'remedy' => $mended->remedy->title],
                ),
                'happened_at' => now(), 'undoes_id' => $done->id, 'revision' => $piece->revision + 1,
            ]);
        }
    }

    private function core(Piece $piece): CorePiece
    {
        return $this->mapper->piece($piece->workshop, $piece->document, $piece);
    }
}
