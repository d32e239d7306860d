<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class ChainBodyTest extends TestCase
{
    public function testLinksLieOverAndUnderByTurnsAndTheLaceGoesThrough(): void
    {
        $links = array_values(array_filter(
            self::scene()->findings,
            static fn (DrawnFinding $finding): bool => FindingKind::Link === $finding->finding->kind,
        ));

        self::assertCount(Examples::planOf('laced-chain')->draft->setting->count(ElementKind::Link), $links);
        foreach ($links as $i => $link) {
            self::assertSame(0 === $i % 2, $link->beneath, 'link '.$i);
        }
        $laces = array_filter(self::scene()->cords, static fn (DrawnCord $cord): bool => 'lace' === $cord->role);
        self::assertNotSame([], $laces);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function scene(array $changes = []): Scene
    {
        return (new Layout(Examples::planOf('laced-chain', $changes)))->flat();
    }
}
