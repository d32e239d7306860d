<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Drawing\Internal\Body;
use Rinkel\Tests\Core\Examples;

final class BodyTest extends TestCase
{
    #[DataProvider('provideConstructions')]
    public function testADrawingIsAsLongAsTheBody(string $id): void
    {
        $draft = Examples::planOf($id)->draft;
        $scene = Body::of($draft)->scene();

        self::assertGreaterThanOrEqual($draft->body()->millimetres - 1e-6, $scene->frame->right);
        self::assertGreaterThan(0.0, $scene->frame->height);
        self::assertNotSame([], $scene->stretches, 'each part of the pattern has its place');
        self::assertNotSame([], Body::of($draft)->ends());
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideConstructions(): iterable
    {
        foreach (Constructions::all()->ids() as $id) {
            yield $id => [$id];
        }
    }
}
