<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal\Misstep;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Rehearsal\Misstep\CutOffEarly;
use Rinkel\Core\Work\ActKind;

final class CutOffEarlyTest extends MisstepCase
{
    public function testAnEndCutOffEarlyIsShortByWhatItStillHasToDo(): void
    {
        $acts = self::acts([]);
        $slider = self::before($acts, ActKind::Stop);
        $slip = self::slip(new CutOffEarly(), $acts, $slider);
        self::assertSame(ActKind::Trim, $slip->act->does);
        $needed = $slip->follows->values['needed'] ?? null;
        self::assertInstanceOf(Length::class, $needed);
        self::assertGreaterThan(10.0, $needed->millimetres);
        self::assertNull(
            (new CutOffEarly())->at(self::moment($acts, 0)),
            'nobody reaches for the scissors so early',
        );
    }
}
