<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Table;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Table\PieceSummary;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class PieceSummaryTest extends TestCase
{
    public function testItSaysWhatThePlanSays(): void
    {
        $plan = (new Planner())->plan((new PieceReader())->read(Examples::document([])));
        $summary = new PieceSummary($plan);

        self::assertSame($plan->draft->piece->name, $summary->name);
        self::assertTrue($plan->draft->body()->equals($summary->body));
        self::assertTrue($plan->draft->closed()->equals($summary->closed));
        self::assertTrue($plan->draft->open()->equals($summary->open));
        self::assertFalse($summary->open->equals($summary->closed), 'it slides');
        self::assertCount(\count($plan->cuts), $summary->cuts);
        foreach (array_values($plan->cuts) as $i => $cut) {
            self::assertSame($cut->count, $summary->cuts[$i][0]);
            self::assertTrue($cut->length->equals($summary->cuts[$i][1]));
        }
        self::assertSame($plan->worst(), $summary->worst);
        self::assertEquals($summary, unserialize(serialize($summary)), 'it is kept');
    }
}
