<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Lesson\CourseRecord;
use Rinkel\Core\Lesson\CourseStep;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

final class CourseRecordTest extends TestCase
{
    public function testWhatIsWrittenIsReadBack(): void
    {
        $record = CourseRecord::begun();
        self::assertSame('', $record->written());
        self::assertSame(1, $record->next());
        $record = $record->with(2, CourseStep::Piece)->with(1, CourseStep::Knots)->for(Length::ofMillimetres(164))
            ->with(1, CourseStep::Piece)->with(1, CourseStep::Rehearsal)->with(1, CourseStep::Knots);
        self::assertSame('164 mm 1krp 2p', $record->written());
        self::assertEquals($record, CourseRecord::read($record->written()));
        self::assertTrue($record->isDone(1));
        self::assertSame(2, $record->next());
        self::assertSame(['knots' => false, 'rehearsal' => false, 'piece' => true], $record->steps(2));
        self::assertSame('164 mm 1kp 2p', $record->without(1, CourseStep::Rehearsal)->written());
        self::assertSame('164 mm 1krp', $record->without(2, CourseStep::Piece)->written());
    }

    public function testAllTenAreTheEnd(): void
    {
        $record = CourseRecord::begun();
        for ($number = 1; $number <= 10; ++$number) {
            self::assertSame($number, $record->next());
            foreach (CourseStep::cases() as $step) {
                $record = $record->with($number, $step);
            }
        }
        self::assertNull($record->next());
        self::assertLessThanOrEqual(200, \strlen('1234.5 mm '.$record->written()), 'it fits in a setting');
    }

    #[TestWith(['x'])]
    #[TestWith(['164'])]
    #[TestWith(['16.4 cm 1k'])]
    #[TestWith(['164 mm 0k'])]
    #[TestWith(['164 mm 11k'])]
    #[TestWith(['1x'])]
    #[TestWith(['1k, 2k'])]
    #[TestWith(["1k\n"])]
    public function testAnythingElseIsNoRecord(string $text): void
    {
        self::assertInstanceOf(Message::class, CourseRecord::read($text));
    }
}
