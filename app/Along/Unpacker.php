<?php

declare(strict_types=1);

namespace App\Along;

use App\Models\PieceState;
use App\Models\Workshop;
use App\Pictures\Photos;
use App\Planning\PieceEditor;
use App\Planning\Planner;
use App\Planning\Rack;
use App\Planning\Refused;
use App\Planning\ShopMapper;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Said;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Throwable;

/** Reads a workshop that was taken along into one that is empty: all of it, or none. */
final readonly class Unpacker
{
    private const FINISHED_AT_ONCE = 60;

    /** Routes and drawings of more take longer than anybody waits for a page, and so do photographs. */
    public const ON_A_PAGE = 120;

    /** What says that somebody has worked in a workshop. */
    private const WORK = ['pieces', 'blanks', 'log_entries', 'recipes', 'swatches', 'weighings'];

    public function __construct(
        private ShopMapper $mapper,
        private PieceEditor $pieces,
        private Rack $rack,
        private Planner $planner,
        private Photos $photos,
    ) {
    }

    public function isEmpty(Workshop $workshop): bool
    {
        foreach (self::WORK as $table) {
            if (DB::table($table)->where('workshop_id', $workshop->id)->exists()) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  int|null  $most  pieces, and photographs; null where nobody waits
     * @return array<string, int> rows that were read, by table, and photographs
     *
     * @throws Refused
     */
    public function bring(Workshop $workshop, string $path, ?int $most = null): array
    {
        $archive = OpenArchive::at($path);
        if ($most !== null && max($archive->pieces(), count($archive->photographs())) > $most) {
            throw OpenArchive::refused('for-no-page', ['most' => $most]);
        }
        try {
            $counts = DB::transaction(function () use ($workshop, $archive): array {
                $workshop->lock();
                if (! $this->isEmpty($workshop)) {
                    throw OpenArchive::refused('not-empty');
                }
                $counts = array_map(count(...), $this->rowsOf($archive, $workshop));
                $workshop->refresh()->unsetRelations();
                foreach ($workshop->blanks()->with('air')->lazyById(100) as $blank) {
                    $this->rack->derive($blank->setRelation('workshop', $workshop), $workshop);
                }
                $this->finish($workshop);

                return $counts + ['photographs' => $this->photographs($archive, $workshop)];
            }, 1);
        } catch (Refused $e) {
            throw $e;
        } catch (Throwable $e) {
            // It was empty: what lies there came with the archive.
            $this->photos->forgetAll($workshop->id);
            throw $e;
        }
        $this->planner->apply($workshop->refresh(), fn (): bool => true);

        return $counts;
    }

    /**
     * @return array<string, array<int, int>> numbers here, by table and number in the archive
     *
     * @throws Refused
     */
    private function rowsOf(OpenArchive $archive, Workshop $workshop): array
    {
        $shelves = Shelves::all();
        foreach (array_reverse($shelves) as $shelf) {
            if ($shelf->of === 'workshop_id') {
                DB::table($shelf->name)->where('workshop_id', $workshop->id)->delete();
            }
        }
        $settings = $archive->settings();
        DB::table('workshops')->where('id', $workshop->id)->update(self::columns(Shelves::workshop(), $settings));
        $this->readable('workshop.json', 1, Workshop::query()->findOrFail($workshop->id));
        $workshop->refresh()->unsetRelations();
        $people = $workshop->users()->pluck('id', 'email')->all();
        $numbers = $late = [];
        foreach ($shelves as $shelf) {
            $numbers[$shelf->name] = [];
            foreach ($archive->rows($shelf) as $line => $row) {
                $at = ["tables/$shelf->name.ndjson", $line];
                $values = $this->linked($shelf, $row, $numbers, $at) + $this->derived($shelf, $workshop, $row, $at);
                if ($shelf->by !== null) {
                    $values[$shelf->by] = $people[(string) $row[$shelf->by]] ?? null;
                }
                $id = $this->insert($shelf, $workshop, $values, $at);
                $numbers[$shelf->name][$row['id'] ?? -$line] = $id;
                foreach (array_keys($shelf->points, $shelf->name, true) as $column) {
                    $row[$column] === null ? null : $late[] = [$shelf, $id, $column, $row[$column]];
                }
            }
            $workshop->unsetRelations();
        }
        foreach ($late as [$shelf, $id, $column, $row]) {
            DB::table($shelf->name)->where('id', $id)->update([$column => $numbers[$shelf->name][$row] ?? null]);
        }

        return $numbers;
    }

    /**
     * A row with the numbers of here; those of its own table come when all of it is there.
     *
     * @param  array<string, mixed>  $row
     * @param  array<string, array<int, int>>  $numbers
     * @param  array{string, int}  $at
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    private function linked(Shelf $shelf, array $row, array $numbers, array $at): array
    {
        $values = array_intersect_key($row, $shelf->columns);
        foreach ($shelf->points as $column => $table) {
            $values[$column] = $table === $shelf->name ? null : $numbers[$table][$row[$column] ?? 0] ?? null;
            if ($values[$column] === null && $row[$column] !== null && $table !== $shelf->name) {
                throw OpenArchive::refused('points-nowhere', ['path' => $at[0], 'line' => $at[1], 'column' => $column]);
            }
        }
        if ($shelf->name === 'sales' && DB::table('sales')->where('token', $values['token'])->exists()) {
            // The page of a piece has one address; the one that was first keeps it.
            $values['token'] = Str::random(32);
        }

        return Linked::of($shelf->name, $values, $row, $numbers);
    }

    /**
     * What follows from a document, as if it had just been saved.
     *
     * @param  array<string, mixed>  $row
     * @param  array{string, int}  $at
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    private function derived(Shelf $shelf, Workshop $workshop, array $row, array $at): array
    {
        if (! in_array($shelf->name, ['pieces', 'blanks'], true)) {
            return [];
        }
        try {
            $document = Document::decode((string) json_encode($row['document'], JSON_THROW_ON_ERROR));
            $columns = $shelf->name === 'blanks' ? $this->rack->columns($workshop, $document)
                : $this->pieces->columns($this->mapper->piece($workshop, $document)) + ['conflicts' => '[]'];
        } catch (BadInput $e) {
            throw new Refused('archive', new Said('planning.along.unreadable', [
                'path' => $at[0], 'line' => (string) $at[1], 'why' => $e->said,
            ]));
        }
        unset($columns['document']);

        return array_map(fn (mixed $one): mixed => $one instanceof \DateTimeInterface
            ? gmdate('Y-m-d H:i:s', $one->getTimestamp()) : $one, $columns);
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array{string, int}  $at
     *
     * @throws Refused
     */
    private function insert(Shelf $shelf, Workshop $workshop, array $values, array $at): int
    {
        $row = self::columns($shelf, $values) + $values;
        if ($shelf->of === 'workshop_id') {
            $row['workshop_id'] = $workshop->id;
        }
        try {
            $id = DB::table($shelf->name)->insertGetId($row);
        } catch (QueryException) {
            throw OpenArchive::refused('not-kept', ['path' => $at[0], 'line' => $at[1]]);
        }
        if ($shelf->model !== null) {
            $this->readable($at[0], $at[1], $shelf->model::query()->findOrFail($id));
        }

        return $id;
    }

    /**
     * Every column is read once, as a page would.
     *
     * @throws Refused
     */
    private function readable(string $path, int $line, Model $row): void
    {
        foreach (array_keys($row->getCasts()) as $column) {
            try {
                $row->getAttribute($column);
            } catch (Throwable) {
                throw OpenArchive::refused('not-so', ['path' => $path, 'line' => $line, 'column' => (string) $column]);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function columns(Shelf $shelf, array $values): array
    {
        $columns = [];
        foreach (array_keys($shelf->columns) as $column) {
            $value = $values[$column] ?? null;
            $columns[$column] = $value !== null && $shelf->isJson($column)
                ? json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE) : $value;
        }

        return $columns;
    }

    /** What is finished has its steps too, all of them done: they follow from its document and the log. */
    private function finish(Workshop $workshop): void
    {
        $pieces = fn () => DB::table('pieces')->where('workshop_id', $workshop->id)->orderBy('id');
        $inWork = $pieces()->where('state', PieceState::Working)->pluck('id')->all();
        $finished = $pieces()->whereIn('state', [PieceState::Done, PieceState::PutAway])->pluck('state', 'id');
        // Those in work wait meanwhile: with them each round would plan the whole shop.
        $pieces()->whereIn('id', $inWork)->update(['state' => PieceState::Wish]);
        foreach ($finished->chunk(self::FINISHED_AT_ONCE) as $some) {
            $pieces()->whereIn('id', $some->keys())->update(['state' => PieceState::Working]);
            $this->planner->plan($workshop);
            foreach ($some as $id => $state) {
                $pieces()->where('id', $id)->update(['state' => $state]);
            }
        }
        $pieces()->whereIn('id', $inWork)->update(['state' => PieceState::Working]);
    }

    /** Each is decoded and written anew, like one that is sent. */
    private function photographs(OpenArchive $archive, Workshop $workshop): int
    {
        $count = 0;
        foreach ($archive->photographs() as $name) {
            $file = tempnam(sys_get_temp_dir(), 'along');
            try {
                $count += $archive->photograph($name, $file) && $this->photos->bring($workshop, $file, $name) ? 1 : 0;
            } finally {
                @unlink($file);
            }
        }

        return $count;
    }
}
