<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Practice;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Practice\StoredBox;

final class StoredBoxTest extends TestCase
{
    public function testWhatIsKnownIsAskedLater(): void
    {
        $now = new \DateTimeImmutable('2026-05-04 10:00');
        $box = new StoredBox('which-finish', $now);
        $days = [];
        for ($i = 0; $i < 3; ++$i) {
            $box->answered(true, $now);
            $days[] = (int) $now->diff($box->dueAt())->format('%a');
        }
        self::assertSame($days, array_unique($days));
        self::assertGreaterThan($days[0], $days[1], 'each time later');
        self::assertGreaterThan($days[1], $days[2]);
        $known = $box->box();
        $box->answered(false, $now);
        self::assertLessThan($known, $box->box());
        self::assertSame(4, $box->asked());
        self::assertLessThan($days[2], (int) $now->diff($box->dueAt())->format('%a'));
    }
}
