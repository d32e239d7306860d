<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Way\Cabochons;
use Rinkel\Core\Work\Act;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class CabochonsTest extends TestCase
{
    public function testStonesAreSetLastAndTheGlueWaits(): void
    {
        $plan = Examples::plan([
            'findings.setting' => ['kind' => 'connector', 'length' => '20 mm'], 'findings.stone' => ['kind' => 'stone'],
            'pattern' => '1 square x fit, focal setting, mirror',
        ]);
        $acts = Cabochons::of($plan->draft);

        self::assertSame(['set-stone', 'cure'], array_map(static fn (Act $act): string => $act->said->key, $acts));
        self::assertSame(['look-stone-in', 'look-glue'], Sheets::looks($acts[0]));
        self::assertSame('set-stone', $plan->acts()->all[\count($plan->acts()->all) - 2]->said->key);
    }

    public function testNothingIsSetWhereThereIsNoStone(): void
    {
        self::assertSame([], Cabochons::of(Examples::plan()->draft));
    }
}
