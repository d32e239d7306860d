<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndPictures;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\Act;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Toy\PinnedBand;
use Rinkel\Tests\Core\Toy\Pinning;

/**
 * Every construction and every closure is whole; and ones that are added from outside need nothing else.
 */
final class ConstructionsTest extends TestCase
{
    public function testEveryClosureIsDrawnAndOfferedSomewhere(): void
    {
        $offered = [];
        foreach (Constructions::all()->ids() as $id) {
            array_push(
                $offered,
                ...array_map(
                    static fn (ClosureKind $kind): string => $kind->id(),
                    Constructions::all()->named($id)?->closures() ?? [],
                ),
            );
        }
        foreach (KnownClosures::all()->ids() as $id) {
            $kind = KnownClosures::all()->named($id);
            self::assertNotNull($kind);
            self::assertTrue(EndPictures::all()->has($kind), $id);
            self::assertContains($id, $offered);
            self::assertFalse($kind->slides() && $kind->opensFully(), $id);
        }
    }

    #[DataProvider('provideClosed')]
    public function testOnlyWhatSlidesIsDrawnSliding(string $construction, string $closure): void
    {
        $plan = Examples::planOf($construction, ['closure.kind' => $closure]);
        $layout = new Layout($plan);

        self::assertSame($plan->draft->fastened->kind->slides(), null !== $layout->sliding(30));
        self::assertGreaterThan(
            $plan->draft->body()->millimetres - 1e-6,
            $layout->flat()->frame->right - $layout->flat()->frame->left,
        );
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideClosed(): iterable
    {
        foreach (Constructions::all()->ids() as $construction) {
            foreach (Constructions::all()->named($construction)?->closures() ?? [] as $kind) {
                yield $construction.' with '.$kind->id() => [$construction, $kind->id()];
            }
        }
    }

    public function testAConstructionAndAClosureFromOutsideAreReadPlannedAndDrawn(): void
    {
        $pin = new Pinning();
        $planner = new Planner(Constructions::all()->and(new PinnedBand()));
        $reader = new PieceReader(closures: KnownClosures::all()->and($pin));
        foreach ([[], ['closure.kind' => 'pin', 'closure.tail' => '9 cm']] as $changes) {
            $plan = $planner->plan($reader->read(Examples::bare('pinned-band', $changes)));
            self::assertSame('pin', $plan->draft->fastened->kind->id());
            self::assertSame(['core', 'working'], array_map(static fn ($cut): string => $cut->role, $plan->cuts));
            self::assertNotNull(Examples::check($plan, 'toy'));
            $drawn = (new Layout($plan, ends: EndPictures::all()->and($pin, $pin)))->flat();
            self::assertCount(1, array_filter($drawn->cords, static fn (DrawnCord $cord): bool => 'pin' === $cord->role));
            self::assertNotSame([], $drawn->placed, 'its knots are drawn');
            $keys = array_map(static fn (Act $act): string => $act->said->key, $plan->acts()->all);
            self::assertSame(2, array_count_values($keys)['toy-pin'] ?? 0, 'its acts are written at both ends');
            self::assertGreaterThan(0.0, $plan->cuts[0]->part('closure')->millimetres, 'and cord is cut for them');
            $last = array_search('trim-past', array_reverse($keys, true), true);
            $pinned = array_search('toy-pin', array_reverse($keys, true), true);
            self::assertLessThan($last, $pinned, 'and trimmed after them');
        }
        $this->expectExceptionMessage('Nobody draws the closure pin.');
        new Layout($planner->plan($reader->read(Examples::bare('pinned-band'))));
    }

    public function testAnUnknownOneIsNamedSo(): void
    {
        self::assertNull(Constructions::all()->named('pinned-band'));
        self::assertInstanceOf(Construction::class, Constructions::all()->named('stretch'));
        $this->expectExceptionMessage('construction: one-of (known: square-knot-band,');
        Examples::planOf('pinned-band');
    }
}
