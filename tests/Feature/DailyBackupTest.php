<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Watch\Doctor;
use App\Watch\Finding;
use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Support\Facades\File;

/** A backup a day where nobody has set a timer for it. */
final class DailyBackupTest extends FeatureTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = storage_path('framework/testing/backups-'.uniqid());
        File::makeDirectory($this->folder, recursive: true);
        config(['app.backups' => ['daily' => true, 'folder' => $this->folder]]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_it_is_due_where_the_last_is_of_yesterday_or_there_is_none(): void
    {
        self::assertTrue($this->isRun());
        $this->make(24);
        self::assertTrue($this->isRun());
        $this->make(22);
        self::assertFalse($this->isRun());
    }

    public function test_where_something_else_makes_them_it_never_is(): void
    {
        config(['app.backups.daily' => false]);
        self::assertFalse($this->isRun());
        self::assertNotContains('backups', array_column(app(Doctor::class)->look(), 'of'));
    }

    public function test_the_doctor_looks_for_one_of_the_last_days(): void
    {
        $said = fn (): ?bool => array_values(array_filter(
            app(Doctor::class)->look(), fn (Finding $one): bool => $one->of === 'backups',
        ))[0]->isWell;
        $this->make(72);
        self::assertNull($said());
        $this->make(30);
        self::assertTrue($said());
    }

    private function make(int $hours): void
    {
        touch("$this->folder/honest-grain-$hours.backup", time() - 3600 * $hours);
    }

    /** Whether what runs every hour would make one now. */
    private function isRun(): bool
    {
        $events = array_values(array_filter(
            app(Schedule::class)->events(),
            fn (Event $event): bool => str_contains((string) $event->command, 'bin/admin'),
        ));
        self::assertCount(1, $events);

        return $events[0]->filtersPass($this->app);
    }
}
