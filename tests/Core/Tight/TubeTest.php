<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Hardness;
use Rinkel\Core\Tight\TightCase;
use Rinkel\Core\Tight\Tube;

final class TubeTest extends TestCase
{
    /**
     * Two springs in a row give way together; each here for half of what two cords do.
     */
    public function testCordAndCoreGiveWayTogether(): void
    {
        self::assertSame(\INF, Tube::ideal()->onCores());
        self::assertEqualsWithDelta(80.0, Hardness::Firm->tube()->onCores(), 1e-9, 'of the same cord');
        self::assertEqualsWithDelta(160.0, Hardness::Firm->tube(Hardness::Hard)->onCores(), 1e-9, 'half gives way');
        self::assertEqualsWithDelta(100.0, Hardness::Hard->tube(Hardness::Soft)->onCores(), 1e-9, 'the other half');
        self::assertEqualsWithDelta(8000 / 130, Hardness::Firm->tube(Hardness::Soft)->onCores(), 1e-9);
    }

    public function testWhereNothingIsInsideNothingGivesWayThere(): void
    {
        $of = static fn (string $id): TightCase => TightCase::of($id, core: Hardness::Soft);

        self::assertSame(Hardness::Hard, $of('overhand')->core);
        self::assertSame(Hardness::Soft, $of('square')->core);
        self::assertSame(Hardness::Soft, $of('sliding barrel')->core);
    }

    public function testWhatElseItIsLikeChangesNoneOfThat(): void
    {
        $tube = Tube::ideal()->asHardAs(40.0, 20.0)->asStiffAs(0.5)->asRoughAs(0.3);

        self::assertSame([40.0, 20.0, 0.5, 0.3], [$tube->hardness, $tube->core, $tube->stiffness, $tube->friction]);
        self::assertSame([7.0, 7.0], [$tube->asHardAs(7.0)->hardness, $tube->asHardAs(7.0)->core]);
    }

    #[DataProvider('provideImpossible')]
    public function testNoCordIsSo(callable $made): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $made();
    }

    /**
     * @return iterable<string, array{\Closure(): Tube}>
     */
    public static function provideImpossible(): iterable
    {
        yield 'no hardness' => [static fn (): Tube => Tube::ideal()->asHardAs(0.0)];
        yield 'no core' => [static fn (): Tube => Tube::ideal()->asHardAs(1.0, 0.0)];
        yield 'stiffness that helps' => [static fn (): Tube => Tube::ideal()->asStiffAs(-0.1)];
        yield 'friction that helps' => [static fn (): Tube => Tube::ideal()->asRoughAs(-0.1)];
        yield 'not a number' => [static fn (): Tube => Tube::ideal()->asHardAs(\NAN)];
    }
}
