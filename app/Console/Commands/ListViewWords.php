<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Language\ViewText;
use Illuminate\Console\Command;

/** Writes all that the views say in their markup, as a language has it in its views.php: each run by itself. */
class ListViewWords extends Command
{
    protected $signature = 'house:views';

    protected $description = 'Writes the words of the views, to begin a language from';

    public function handle(): void
    {
        $runs = ViewText::allRuns(resource_path('views'));
        $this->line("<?php\n\nreturn ".var_export($runs, true).';');
    }
}
