<?php

declare(strict_types=1);

namespace App\Along;

use App\Models\Workshop;
use App\Pictures\Photos;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use ZipArchive;

/** Packs a workshop, with all that its people have typed and taken, into one file that anybody can read. */
final readonly class Packer
{
    public function __construct(private Photos $photos, private string $version)
    {
    }

    /** @throws RuntimeException where the file cannot be written */
    public function pack(Workshop $workshop, string $to): void
    {
        $zip = new ZipArchive;
        if ($zip->open($to, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("Cannot write $to");
        }
        $files = [];
        // Of one moment, however long it takes to write.
        $texts = DB::transaction(fn (): array => $this->texts($workshop), 1);
        foreach ($texts as $path => [$text, $rows]) {
            $zip->addFromString($path, $text);
            $files[$path] = ['sha256' => hash('sha256', $text), 'bytes' => strlen($text)]
                + ($rows === null ? [] : ['rows' => $rows]);
        }
        foreach ($this->photos->all($workshop->id) as $photo) {
            $path = "photographs/$photo.jpg";
            $file = $this->photos->file($workshop->id, $photo);
            if ($file === null) {
                continue;
            }
            $zip->addFile($file, $path);
            $zip->setCompressionName($path, ZipArchive::CM_STORE);
            $files[$path] = ['sha256' => (string) hash_file('sha256', $file), 'bytes' => (int) filesize($file)];
        }
        ksort($files);
        $zip->addFromString('manifest.json', self::json([
            'format' => Shelves::FORMAT, 'version' => Shelves::VERSION, 'made_at' => now()->toIso8601ZuluString(),
            'program' => $this->version, 'files' => $files,
        ], JSON_PRETTY_PRINT));
        if (! $zip->close()) {
            throw new RuntimeException("Cannot write $to");
        }
    }

    /** @return array<string, array{string, int|null}> by path: what it holds, and of how many rows */
    private function texts(Workshop $workshop): array
    {
        $people = $workshop->users()->orderBy('id')->get(['id', 'name', 'email', 'role']);
        $emails = $people->pluck('email', 'id')->all();
        $settings = (array) DB::table('workshops')->where('id', $workshop->id)->first();
        $texts = [
            'workshop.json' => [self::json(self::values(Shelves::workshop(), $settings), JSON_PRETTY_PRINT), null],
            'people.json' => [self::json($people->map(fn ($person): array => [
                'name' => $person->name, 'email' => $person->email, 'role' => $person->role->value,
            ])->all(), JSON_PRETTY_PRINT), null],
        ];
        $numbers = [];
        foreach (Shelves::all() as $shelf) {
            $lines = [];
            $query = DB::table($shelf->name)->orderBy('id');
            $shelf->of === 'workshop_id' ? $query->where('workshop_id', $workshop->id)
                : $query->whereIn($shelf->of, array_keys($numbers[$shelf->points[$shelf->of]]));
            $rows = $query->get();
            foreach ($rows as $n => $row) {
                $numbers[$shelf->name][$row->id] = $n + 1;
            }
            $numbers[$shelf->name] ??= [];
            foreach ($rows as $row) {
                $lines[] = self::json($this->row($shelf, (array) $row, $numbers, $emails));
            }
            $texts["tables/$shelf->name.ndjson"] = [
                implode('', array_map(fn (string $line): string => "$line\n", $lines)), count($lines),
            ];
        }

        return $texts;
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<string, array<int, int>>  $numbers  in the archive, by table and number here
     * @param  array<int, string>  $emails
     * @return array<string, mixed>
     */
    private function row(Shelf $shelf, array $row, array $numbers, array $emails): array
    {
        $values = ['id' => $numbers[$shelf->name][$row['id']]] + self::values($shelf, $row);
        foreach ($shelf->points as $column => $table) {
            $values[$column] = $row[$column] === null ? null : $numbers[$table][$row[$column]] ?? null;
        }
        if ($shelf->by !== null) {
            $values[$shelf->by] = $emails[$row[$shelf->by]] ?? null;
        }

        return Linked::of($shelf->name, $values, $row, $numbers);
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function values(Shelf $shelf, array $row): array
    {
        $values = [];
        foreach ($shelf->columns as $column => $kind) {
            $value = $row[$column];
            $values[$column] = $value === null ? null : match ($kind[0]) {
                'j' => json_decode((string) $value, false, 512, JSON_THROW_ON_ERROR), 'b' => (bool) $value,
                'i' => (int) $value, 'n' => (float) $value, default => (string) $value,
            };
        }

        return $values;
    }

    private static function json(mixed $value, int $how = 0): string
    {
        return json_encode($value, $how | JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
