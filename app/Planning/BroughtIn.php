<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Workshop;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Reading\Document;

/** What a document brings along: woods and mixes of another shop's own, which this one takes among its own. */
final readonly class BroughtIn
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * What the shop does not know yet; where it knows the name, its own figures hold.
     *
     * @param  array<string, mixed>  $document  that the core has read
     * @return array<string, list<array<string, mixed>>> as the document has them, by relation
     */
    public function unknown(Workshop $workshop, array $document): array
    {
        $known = [
            'woods' => [...$this->catalogue->woods()->names(), ...$workshop->woods->pluck('name')->all()],
            'mixes' => $workshop->mixes->pluck('name')->all(),
        ];
        $unknown = [];
        foreach ($known as $what => $names) {
            $unknown[$what] = array_values(array_filter(
                array_column((array) ($document[$what] ?? []), null, 'name'),
                fn (array $one): bool => ! in_array($one['name'], $names, true),
            ));
        }

        return $unknown;
    }

    /** @param  array<string, list<array<string, mixed>>>  $unknown */
    public function take(Workshop $workshop, array $unknown): void
    {
        foreach ($unknown['woods'] ?? [] as $wood) {
            $workshop->woods()->create(['name' => $wood['name'], 'typed' => Document::of($wood)]);
        }
        foreach ($unknown['mixes'] ?? [] as $mix) {
            $workshop->mixes()->create(['name' => $mix['name'], 'typed' => Document::of($mix)]);
        }
    }
}
