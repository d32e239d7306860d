<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\EndFindings;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;

final class EndFindingsTest extends TestCase
{
    public function testEndsAndRingsTakeTurns(): void
    {
        $findings = self::shared(
            FindingKind::CordEnd,
            FindingKind::Ring,
            FindingKind::Clasp,
            FindingKind::CordEnd,
            FindingKind::Ring,
        );

        self::assertSame(['cord-end', 'ring', 'clasp'], self::kinds($findings->left));
        self::assertSame(['cord-end', 'ring'], self::kinds($findings->right));
        self::assertTrue($findings->crimps(true) && $findings->crimps(false));
        self::assertNull($findings->half(), 'the ring takes the clasp');
    }

    public function testWithNothingAtTheOtherEndAClaspClosesOnItsOtherHalf(): void
    {
        $findings = self::shared(FindingKind::Clasp);

        self::assertSame('clasp', $findings->half());
        self::assertFalse($findings->crimps(true));
        self::assertNull(self::shared(FindingKind::Clasp, FindingKind::Extender)->half());
    }

    public function testCordsGoThroughALinkThatIsNamedBeforeAnyRing(): void
    {
        self::assertSame(
            ['connector', 'ring', 'clasp'],
            self::kinds(self::shared(FindingKind::Connector, FindingKind::Ring, FindingKind::Clasp)->left),
        );
        self::assertSame(
            ['ring', 'connector'],
            self::kinds(self::shared(FindingKind::Ring, FindingKind::Connector)->left),
            'what comes after a ring hangs on it',
        );
    }

    private static function shared(FindingKind ...$kinds): EndFindings
    {
        return EndFindings::shared(array_map(
            static fn (FindingKind $kind): array => [$kind->value, Finding::usual($kind)],
            array_values($kinds),
        ));
    }

    /**
     * @param list<array{string, Finding}> $named
     *
     * @return list<string>
     */
    private static function kinds(array $named): array
    {
        return array_column($named, 0);
    }
}
