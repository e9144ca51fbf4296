<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Joints that went round in a ring were taken once; the one that closes it is dropped, so that the piece is read. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['pieces', 'piece_revisions'] as $table) {
            DB::table($table)->where('document', 'like', '%"joints":[{%')->orderBy('id')
                ->each(function (object $row) use ($table): void {
                    $document = json_decode((string) $row->document, true);
                    $open = $this->open($document['joints'] ?? []);
                    if (count($open) < count($document['joints'] ?? [])) {
                        DB::table($table)->where('id', $row->id)->update([
                            'document' => json_encode(['joints' => $open] + $document, JSON_UNESCAPED_UNICODE),
                        ]);
                    }
                });
        }
    }

    /**
     * @param  list<array<string, mixed>>  $joints
     * @return list<array<string, mixed>>
     */
    private function open(array $joints): array
    {
        $kept = $into = [];
        foreach ($joints as $joint) {
            [$socket, $spigot] = $joint['parts'];
            for ($reached = [$socket], $k = 0; $k < count($reached); $k++) {
                $reached = array_values(array_unique([...$reached, ...$into[$reached[$k]] ?? []]));
            }
            if (! in_array($spigot, $reached, true)) {
                $into[$spigot][] = $socket;
                $kept[] = $joint;
            }
        }

        return $kept;
    }
};
