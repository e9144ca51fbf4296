<?php

declare(strict_types=1);

namespace App\Planning;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;
use Illuminate\Support\Facades\DB;

/**
 * Takes a piece of the first version over with all its revisions and its log: coats are given ids that stay the same
 * from revision to revision, and every step that was logged is named by the id of what was really done.
 *
 * Works on rows, not on models: those of a later release may know other columns.
 */
final class DocumentsOfVersion1
{
    private const STEPS = [
        'hold' => 'body/mount', 'raise-grain' => 'body/raise-grain', 'knock-back' => 'body/knock-back',
        'dust-off' => 'body/wipe-clean', 'foot' => 'body/part-off', 'sign' => 'body/sign', 'cure' => 'body/cure',
        'ready' => 'body/weigh', 'fit-lid' => 'fit-lid',
    ];

    private readonly Tables $tables;

    /** @var array<string, int> how many ids of each kind have been given, over all revisions */
    private array $given = ['l' => 0, 'c' => 0];

    private function __construct()
    {
        $this->tables = Tables::of(Catalogue::shipped());
    }

    public static function takeOver(object $piece): void
    {
        (new self)->piece($piece);
    }

    private function piece(object $piece): void
    {
        $before = null;
        $maps = [];
        foreach (DB::table('piece_revisions')->where('piece_id', $piece->id)->orderBy('number')->get() as $revision) {
            $document = $this->upgraded((array) json_decode($revision->document, true), $before);
            if ($document === null) {
                continue;
            }
            $before = $document;
            $maps[] = [(int) $revision->number, (string) $revision->created_at, $this->map($document)];
            DB::table('piece_revisions')->where('id', $revision->id)->update(['document' => json_encode($document)]);
        }
        $own = DB::table('piece_revisions')->where(
            ['piece_id' => $piece->id, 'number' => $piece->revision],
        )->value('document');
        $kept = $own === null ? null : (array) json_decode($own, true);
        $document = ($kept['version'] ?? 1) === Piece::VERSION ? $kept
            : $this->upgraded((array) json_decode($piece->document, true), $before);
        if ($document === null) {
            return;
        }
        DB::table('pieces')->where('id', $piece->id)->update(['document' => json_encode($document)]);
        $now = $this->map($document);
        $this->log($piece, $maps, $now);
        $this->steps($piece, $now);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>|null  $before  the revision before it, whose ids it goes on with
     * @return array<string, mixed>|null null where this release cannot read it; it stays as it is
     */
    private function upgraded(array $document, ?array $before): ?array
    {
        try {
            $fresh = json_decode(json_encode(
                Piece::read(Document::of($document), $this->tables)->toArray(), JSON_THROW_ON_ERROR,
            ), true);
        } catch (BadInput) {
            return null;
        }
        $plans = &$fresh['parts'][0]['coats'];
        $had = $this->layers($before);
        $kept = $this->alike(array_column($had, 'product'), array_column($this->layers($fresh), 'product'));
        $n = 0;
        foreach ($plans as &$plan) {
            $same = array_values(array_filter(
                $before['parts'][0]['coats'] ?? [], fn (array $one): bool => $one['zones'] === $plan['zones'],
            ));
            $plan['id'] = $same[0]['id'] ?? $this->id('c');
            foreach ($plan['layers'] as &$layer) {
                $layer['id'] = isset($kept[$n]) ? $had[$kept[$n]]['id'] : $this->id('l');
                $n++;
            }
            unset($layer);
        }

        return $fresh;
    }

    private function id(string $kind): string
    {
        return $kind.(++$this->given[$kind]);
    }

    /**
     * @param  array<string, mixed>|null  $document
     * @return list<array{id: string, product: string}>
     */
    private function layers(?array $document): array
    {
        return array_merge([], ...array_column($document['parts'][0]['coats'] ?? [], 'layers'));
    }

    /**
     * The longest run of products that two lists have in common, in order.
     *
     * @param  list<string>  $had
     * @param  list<string>  $has
     * @return array<int, int> place in the new list => place in the old one
     */
    private function alike(array $had, array $has): array
    {
        $longest = [];
        for ($i = count($had); $i >= 0; $i--) {
            for ($k = count($has); $k >= 0; $k--) {
                $longest[$i][$k] = match (true) {
                    $i === count($had) || $k === count($has) => 0,
                    $had[$i] === $has[$k] => 1 + $longest[$i + 1][$k + 1],
                    default => max($longest[$i + 1][$k], $longest[$i][$k + 1]),
                };
            }
        }
        $alike = [];
        for ($i = $k = 0; $i < count($had) && $k < count($has);) {
            if ($had[$i] === $has[$k]) {
                $alike[$k++] = $i++;
            } elseif ($longest[$i + 1][$k] >= $longest[$i][$k + 1]) {
                $i++;
            } else {
                $k++;
            }
        }

        return $alike;
    }

    /**
     * What each step of the first version is called now.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, string>
     */
    private function map(array $document): array
    {
        $map = self::STEPS;
        foreach (['outside', 'inside', 'rim', 'top'] as $face) {
            $map["sand-$face"] = "body.$face/sand";
        }
        foreach ($document['parts'][0]['marks'] as $mark) {
            $map["mark-$mark[id]"] = $mark['id'];
        }
        foreach ($document['parts'][0]['coats'] as $plan) {
            $name = implode('+', $plan['zones']);
            $isFoot = $plan['zones'] === ['foot'];
            foreach ($plan['layers'] as $i => $layer) {
                $place = ($isFoot ? 'foot-foot-' : "coat-$name-").($i + 1);
                $map[$place] = $layer['id'];
                $map["denib-$place"] = "$layer[id]/denib";
            }
            $map['buff-'.($isFoot ? 'foot-foot' : "coat-$name")] = "$plan[id]/buff";
        }
        $footed = $this->footed($document['parts'][0]['coats']);

        return $map + ($footed === null ? [] : ['foot-foot-1' => "$footed/foot"]);
    }

    /**
     * The coat that goes on the foot where it has no plan of its own: the last that is not wax, else the first.
     *
     * @param  list<array<string, mixed>>  $plans
     */
    private function footed(array $plans): ?string
    {
        foreach (['foot', 'outside'] as $zone) {
            foreach ($plans as $plan) {
                if (in_array($zone, $plan['zones'], true) && $plan['layers'] !== []) {
                    $unwaxed = array_values(array_filter($plan['layers'], fn (array $layer): bool => ! $this->tables
                        ->coatings->coating($layer['product'])->isWax()));

                    return $unwaxed === [] ? $plan['layers'][0]['id'] : $unwaxed[count($unwaxed) - 1]['id'];
                }
            }
        }

        return null;
    }

    /**
     * @param  list<array{int, string, array<string, string>}>  $maps  number, when it was made, and names of its steps
     * @param  array<string, string>  $now
     */
    private function log(object $piece, array $maps, array $now): void
    {
        foreach (DB::table('log_entries')->where(
            'piece_id', $piece->id,
        )->whereNotNull('step')->orderBy('id')->get() as $entry) {
            $map = $now;
            foreach ($maps as [, $since, $names]) {
                $map = $since <= (string) $entry->created_at && isset($names[$entry->step]) ? $names : $map;
            }
            $step = $map[$entry->step] ?? $now[$entry->step] ?? null;
            if ($step === null) {
                // What was done stands in the record under its old name; no plan asks for it.
                continue;
            }
            $key = $entry->once_key === null ? null
                : preg_replace('/^(\d+):.*:(\d+)$/', '${1}:'.$step.':${2}', $entry->once_key);
            $isTaken = $key !== null && DB::table('log_entries')->where('once_key', $key)->where(
                'id', '!=', $entry->id,
            )->exists();
            DB::table('log_entries')->where('id', $entry->id)->update(
                ['step' => $step] + ($isTaken ? [] : ['once_key' => $key]),
            );
        }
    }

    /** @param  array<string, string>  $now */
    private function steps(object $piece, array $now): void
    {
        foreach (DB::table('planned_steps')->where('piece_id', $piece->id)->get() as $row) {
            $details = (array) json_decode($row->details, true);
            $step = $now[$row->step] ?? $row->step;
            $isTaken = $step !== $row->step
                && DB::table('planned_steps')->where(['piece_id' => $piece->id, 'step' => $step])->exists();
            DB::table('planned_steps')->where('id', $row->id)->update([
                'step' => $isTaken ? $row->step : $step, 'part' => 'body', 'product' => $details['product'] ?? null,
                'follows' => json_encode(array_map(
                    fn (string $one): string => $now[$one] ?? $one, $details['after'] ?? [],
                )),
                'wait_from_h' => $details['wait_here']['min_hours'] ?? null,
                'wait_until_h' => $details['wait_here']['max_hours'] ?? null,
            ]);
        }
    }
}
