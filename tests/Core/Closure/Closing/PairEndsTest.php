<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class PairEndsTest extends TestCase
{
    public function testEachPairIsTiedOffAndSafeBeforeTheNext(): void
    {
        $ends = Sheets::keys(Examples::planOf('stacked-band'), Part::Ends);

        self::assertSame(
            ['pair-off', 'trim-past', 'singe', 'pair-off', 'trim-past', 'singe'],
            \array_slice($ends, 0, 6),
        );
    }

    public function testItIsOneActWhereTailsAreTrimmedLater(): void
    {
        $plan = Examples::planOf('stacked-band', ['closure.kind' => 'double-barrel']);

        self::assertSame(
            ['pair-off', 'trim-singe', 'pair-off', 'trim-singe'],
            \array_slice(Sheets::keys($plan, Part::Ends), 0, 4),
        );
        self::assertSame(['tied', 'tied'], array_values(Sheets::act($plan, 'pair-off')->care->endsAs));
        self::assertSame([], Sheets::act(Examples::planOf('stacked-band'), 'pair-off')->care->endsAs);
    }
}
