<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Amble\Core\Exception\CoreException;
use Amble\Core\Student\Retention;
use App\Actions\EraseStudent;
use App\Actions\Import\ImportWriter;
use App\Actions\ProjectSession;
use App\Models\ErasedRecord;
use App\Models\PracticeSession;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\LazyCollection;

final class ForgetCommand extends Command
{
    protected $signature = 'amble:forget';

    protected $description = 'Delete permanently what can no longer be restored, and students whose records may no longer be kept';

    public function handle(ProjectSession $projector): int
    {
        /** @var LazyCollection<int, PracticeSession> $gone */
        $gone = PracticeSession::onlyTrashed()
            ->where('deleted_at', '<', CarbonImmutable::now()->subDays(PracticeSession::KEPT_AWAY_DAYS))
            ->lazyById();
        $count = 0;
        foreach ($gone as $session) {
            // Its log, balls and findings go with it; they have told nothing since it was put away.
            $session->forceDelete();
            ++$count;
        }
        ImportWriter::takeBackAll();
        ErasedRecord::forgetOld();
        [$erased, $unread] = $this->eraseStudents($projector, CarbonImmutable::today()->format('Y-m-d'));
        $this->components->info("Deleted permanently: sessions $count, students $erased.");
        foreach ($unread as $student => $why) {
            $this->components->error(
                "The profile of student $student cannot be read, so the date until which it may be kept is not known: $why",
            );
        }

        return $unread === [] ? self::SUCCESS : self::FAILURE;
    }

    /**
     * Those whose day is so long past that whoever keeps them was asked for weeks; put away or not. A card that cannot
     * be read holds up nobody else's.
     *
     * @return array{int, array<string, string>} how many went, and why a card could not be read, by the student's id
     */
    private function eraseStudents(ProjectSession $projector, string $today): array
    {
        /** @var LazyCollection<int, Student> $known */
        $known = Student::withTrashed()->whereNotNull('about')->lazyById();
        [$count, $unread] = [0, []];
        foreach ($known as $student) {
            try {
                $isOver = Retention::of($student->facts())?->isOver($today) === true;
            } catch (CoreException $broken) {
                $unread[$student->id] = $broken->getMessage();
                continue;
            }
            if ($isOver) {
                (new EraseStudent($student))->erase($projector);
                ++$count;
            }
        }

        return [$count, $unread];
    }
}
