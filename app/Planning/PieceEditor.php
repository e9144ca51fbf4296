<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Change;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\User;
use App\Models\Workshop;
use Closure;
use HonestGrain\Drawing\Assembly;
use HonestGrain\Piece\Extent;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Makes and changes pieces: validates by the core, keeps every revision, and has the shop planned again. */
final readonly class PieceEditor
{
    private const KEPT_REVISIONS = 200;

    public function __construct(
        private ShopMapper $mapper, private Planner $planner, private Reopened $reopened,
    ) {
    }

    /**
     * @param  string|null  $once  key of the form it came from: one form makes one piece, however often it is sent
     * @param  (Closure(Piece): void)|null  $with  what is changed with it, in the same transaction
     */
    public function create(
        Workshop $workshop,
        Document $document,
        ?User $user,
        Change $what = Change::Drawn,
        bool $plan = true,
        ?string $once = null,
        ?Closure $with = null,
    ): Piece {
        $core = CorePiece::read($document, $this->mapper->tables($workshop));
        Extent::of($core)->refuse();
        $make = function () use ($workshop, $core, $user, $what, $once, $with): Piece {
            $made = $once === null ? null : $workshop->pieces()->where('once_key', $once)->first();
            if ($made !== null) {
                return $made;
            }
            $piece = $workshop->pieces()->create(
                $this->columns($core) + ['conflicts' => [], 'version' => 1, 'revision' => 1, 'once_key' => $once],
            );
            $piece->revisions()->create([
                'number' => 1, 'document' => Document::decode($core->encoded()), 'what' => $what,
                'user_id' => $user?->id,
            ]);

            $with === null ? null : $with($piece);

            return $piece;
        };

        return ($plan ? $this->planner->apply($workshop, $make) : DB::transaction($make))->refresh();
    }

    /**
     * Changes a piece, as it is when nobody else changes it. The core refuses one that makes no sense, naming the
     * field; one that is the same as before is no change, and leaves nothing to undo.
     *
     * @param  Closure(CorePiece, Tables): CorePiece  $change
     * @param  (Closure(Piece): void)|null  $with  what is changed with it, in the same transaction
     *
     * @throws VersionConflict when the piece has been changed since the version that the edit was made from
     */
    public function change(Piece $piece, Edit $edit, Closure $change, ?Closure $with = null): Piece
    {
        return $this->planner->apply($piece->workshop, function () use ($piece, $edit, $change, $with): Piece {
            $locked = $this->locked($piece, $edit->seen);
            $with === null ? null : $with($locked);
            $tables = $this->mapper->tables($locked->workshop);
            $was = CorePiece::read($locked->document, $tables);
            // Read as it is going to be stored: every rule of the document is looked at, whatever was changed.
            $core = CorePiece::read(Document::decode($change($was, $tables)->encoded()), $tables);
            Extent::of($core)->refuse(Extent::of($was));
            if ($core->encoded() === $was->encoded()) {
                return $locked;
            }
            $locked->revisions()->where('number', '>', $locked->revision)->delete();
            $number = $locked->revision + 1;
            $locked->revisions()->create([
                'number' => $number, 'document' => Document::decode($core->encoded()), 'what' => $edit->what,
                'user_id' => $edit->user?->id,
            ]);
            $locked->revisions()->where('number', '<=', $number - self::KEPT_REVISIONS)->delete();

            return $this->store($locked, $core, $number);
        })->refresh();
    }

    /**
     * Changes one part of a piece.
     *
     * @param  string|null  $part  its id; of one that is not there, the body is meant
     * @param  Closure(Part, Tables): Part  $change
     *
     * @throws VersionConflict
     */
    public function changePart(Piece $piece, Edit $edit, ?string $part, Closure $change): Piece
    {
        return $this->change($piece, $edit, fn (CorePiece $core, Tables $tables): CorePiece => $core->withPart(
            $change($core->partOrBody($part), $tables),
        ));
    }

    /**
     * Steps back (−1) or forward (+1) in the piece's revisions. Nothing happens at either end.
     *
     * @throws VersionConflict
     */
    public function step(Piece $piece, int $seen, int $by): Piece
    {
        return $this->planner->apply($piece->workshop, function () use ($piece, $seen, $by): Piece {
            $locked = $this->locked($piece, $seen);
            $revision = $locked->revisions()->where('number', $locked->revision + $by)->first();

            if ($revision !== null && $by < 0) {
                $this->reopened->close($locked, $locked->revision);
            } elseif ($revision !== null) {
                $this->reopened->open($locked, $revision->number);
            }

            return $revision === null ? $locked : $this->store(
                $locked, $this->mapper->piece($locked->workshop, $revision->document), $revision->number,
            );
        })->refresh();
    }

    private function locked(Piece $piece, int $seen): Piece
    {
        /** @var Piece $locked */
        $locked = Piece::query()->whereKey($piece->id)->lockForUpdate()->firstOrFail();
        if ($locked->version !== $seen) {
            throw new VersionConflict;
        }

        return $locked;
    }

    private function store(Piece $piece, CorePiece $core, int $revision): Piece
    {
        // A finished piece that is changed may have work again; the plan says whether it has.
        $piece->update($this->columns($core) + [
            'version' => $piece->version + 1, 'revision' => $revision,
            'state' => $piece->state === PieceState::Done ? PieceState::Working : $piece->state,
        ]);

        return $piece;
    }

    /** @return array<string, mixed> what of it stands in columns, with what follows from it */
    public function columns(CorePiece $core): array
    {
        $drawing = Assembly::of($core, substr(hash('xxh128', $core->encoded()), 0, 8));

        return [
            'name' => $core->name, 'form' => $core->form->value, 'wood' => $core->body()->wood->name,
            'due_at' => $core->due === null ? null : Carbon::instance($core->due),
            'document' => Document::decode($core->encoded()), 'drawing' => $drawing->small(),
            'diameter_mm' => $drawing->widthMm(), 'height_mm' => $drawing->heightMm(),
        ];
    }
}
