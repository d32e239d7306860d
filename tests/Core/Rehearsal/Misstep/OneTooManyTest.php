<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal\Misstep;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Rehearsal\Misstep\OneTooMany;
use Rinkel\Core\Work\ActKind;

final class OneTooManyTest extends MisstepCase
{
    public function testOneKnotMoreMakesItLongerByOne(): void
    {
        $acts = self::acts([]);
        $tie = self::before($acts, ActKind::Tie);
        [$number] = $acts->at($tie);
        $act = $acts->all[$number];
        $slip = self::slip(new OneTooMany(), $acts, $tie + $act->stint->count);
        $longer = $slip->follows->values['longer'] ?? null;
        self::assertInstanceOf(Length::class, $longer);
        self::assertEqualsWithDelta(
            ($act->stint->adds->millimetres ?? 0.0) / $act->stint->count,
            $longer->millimetres,
            1e-9,
        );
        self::assertNull((new OneTooMany())->at(self::moment($acts, $tie + 1)), 'only where it is done');
    }
}
