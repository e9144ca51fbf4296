<?php

declare(strict_types=1);

namespace App\View;

use App\Models\AuditEntry;
use Illuminate\Contracts\Pagination\Paginator;

/** What was done with who may sign in, line by line. */
final readonly class AuditPage
{
    /**
     * @param  Paginator<int, AuditEntry>  $entries
     * @param  bool  $isShared  whether anybody may sign in, and is to learn nothing of the others
     */
    public function __construct(public Paginator $entries, private bool $isShared, private Show $show)
    {
    }

    public function when(AuditEntry $entry): string
    {
        return $this->show->dayTime($entry->at);
    }

    public function address(AuditEntry $entry): string
    {
        return $this->isShared ? '' : (string) $entry->address;
    }

    public function what(AuditEntry $entry): string
    {
        return say("models.audit.{$entry->what->value}", ['about' => (string) $entry->about]);
    }
}
