<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use App\Models\PieceState;
use App\Models\User;
use App\Models\Workshop;
use Closure;
use HonestGrain\Drawing\Assembly;
use HonestGrain\Piece\Extent;
use HonestGrain\Piece\Piece as CorePiece;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Makes and changes pieces: validates by the core, keeps every revision, and has the shop planned again. */
final readonly class PieceEditor
{
    private const KEPT_REVISIONS = 200;

    public function __construct(private ShopMapper $mapper, private Planner $planner)
    {
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  string|null  $once  key of the form it came from: one form makes one piece, however often it is sent
     * @param  (Closure(Piece): void)|null  $with  what is changed with it, in the same transaction
     */
    public function create(
        Workshop $workshop,
        array $document,
        ?User $user,
        string $what = 'drawn',
        bool $plan = true,
        ?string $once = null,
        ?Closure $with = null,
    ): Piece {
        $core = $this->mapper->piece($workshop, $document);
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
                'number' => 1, 'document' => $core->toArray(), 'what' => $what, 'user_id' => $user?->id,
            ]);

            $with === null ? null : $with($piece);

            return $piece;
        };

        return ($plan ? $this->planner->apply($workshop, $make) : DB::transaction($make))->refresh();
    }

    /**
     * Changes part of the document. The core refuses one that makes no sense, naming the field; one that
     * is the same as before is no change, and leaves nothing to undo.
     *
     * @param  array<string, mixed>  $fields  of the document to replace
     * @param  (Closure(Piece): void)|null  $with  what is changed with it, in the same transaction
     *
     * @throws VersionConflict when the piece has been changed since the version that the edit was made from
     */
    public function change(Piece $piece, Edit $edit, array $fields, ?Closure $with = null): Piece
    {
        return $this->planner->apply($piece->workshop, function () use ($piece, $edit, $fields, $with): Piece {
            $locked = $this->locked($piece, $edit->seen);
            $with === null ? null : $with($locked);
            $core = $this->mapper->piece($locked->workshop, array_replace($locked->document, $fields));
            Extent::of($core)->refuse(Extent::of($this->mapper->piece($locked->workshop, $locked->document)));
            if (self::encoded($core->toArray()) === self::encoded($locked->document)) {
                return $locked;
            }
            $locked->revisions()->where('number', '>', $locked->revision)->delete();
            $number = $locked->revision + 1;
            $locked->revisions()->create([
                'number' => $number, 'document' => $core->toArray(), 'what' => $edit->what,
                'user_id' => $edit->user?->id,
            ]);
            $locked->revisions()->where('number', '<=', $number - self::KEPT_REVISIONS)->delete();

            return $this->store($locked, $core, $number);
        })->refresh();
    }

    /**
     * Changes one part of the piece.
     *
     * @param  array<string, mixed>  $fields  of the part to replace
     * @param  array<string, mixed>  $around  of the document to replace with it
     *
     * @throws VersionConflict
     */
    public function changePart(Piece $piece, Edit $edit, string $part, array $fields, array $around = []): Piece
    {
        $parts = array_map(
            fn (array $one): array => $one['id'] === $part ? $fields + $one : $one, $piece->document['parts'],
        );

        return $this->change($piece, $edit, $around + ['parts' => $parts]);
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

            return $revision === null ? $locked : $this->store(
                $locked, $this->mapper->piece($locked->workshop, $revision->document), $revision->number,
            );
        })->refresh();
    }

    /**
     * As it is stored and read again: nothing is not zero, and "007" is not "7".
     *
     * @param  array<string, mixed>  $document
     */
    private static function encoded(array $document): string
    {
        $stored = json_decode(json_encode($document, JSON_THROW_ON_ERROR), true);

        return json_encode($stored, JSON_THROW_ON_ERROR);
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

    /** @return array<string, mixed> */
    private function columns(CorePiece $core): array
    {
        $document = $core->toArray();
        $key = substr(hash('xxh128', json_encode($document, JSON_THROW_ON_ERROR)), 0, 8);
        $drawing = Assembly::of($core, $key);

        return [
            'name' => $core->name, 'form' => $core->form->value, 'wood' => $core->body()->wood->name,
            'due_at' => $core->due === null ? null : Carbon::instance($core->due),
            'document' => $document, 'drawing' => $drawing->small(),
            'diameter_mm' => $drawing->widthMm(), 'height_mm' => $drawing->heightMm(),
        ];
    }
}
