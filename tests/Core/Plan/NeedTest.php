<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Stock\Counted;
use Rinkel\Tests\Core\Examples;

final class NeedTest extends TestCase
{
    private const DOT = ['diameter' => '6 mm', 'hole' => '3 mm', 'colour' => '#aa0000'];

    public function testOneKindIsOneNeedHoweverItIsCalled(): void
    {
        $needs = Need::of([
            [Examples::plan(['pattern' => '4 square, 3 bead dot, 1 square x fit', 'beads' => ['dot' => self::DOT]]), 2],
            [Examples::plan(['pattern' => '4 square, 5 bead spot, 1 square x fit', 'beads' => ['spot' => self::DOT]]), 1],
        ]);

        self::assertCount(1, $needs);
        self::assertSame([['dot', 'spot'], 11], [$needs[0]->names, $needs[0]->count]);
    }

    public function testWhatIsThereIsNotMissing(): void
    {
        [$need] = Need::of([[Examples::plan(['pattern' => '4 square, 3 bead dot, 1 square x fit', 'beads' => ['dot' => self::DOT]]), 2]]);
        self::assertInstanceOf(Bead::class, $need->what);
        $there = static fn (?int $stock): Counted => Counted::beads('x', Bead::of(
            $need->what->shape,
            $need->what->colour,
            $need->what->diameter,
            stock: $stock,
        ));

        self::assertSame([6, 2, 0, 0], [
            $need->missing(null), $need->missing($there(4)), $need->missing($there(9)), $need->missing($there(null)),
        ]);
    }

    public function testEitherTakesTheMoreOfBoth(): void
    {
        $of = static fn (int $count, string $name): Need => Need::of([[Examples::plan([
            'pattern' => '4 square, '.$count.' bead '.$name.', 1 square x fit', 'beads' => [$name => self::DOT],
        ]), 1]])[0];
        $both = $of(3, 'dot')->and($of(5, 'spot'));

        self::assertSame([['spot', 'dot'], 5], [$both->names, $both->count]);
        $one = $of(3, 'dot');
        self::assertSame($one, $one->and(null));
    }

    public function testFindingsComeAfterBeads(): void
    {
        $needs = Need::of([[Examples::plan([
            'pattern' => '4 square, 3 bead dot, 1 square x fit', 'beads' => ['dot' => self::DOT],
            'closure' => ['kind' => 'button-loop', 'findings' => ['button']],
            'findings' => ['button' => ['kind' => 'button', 'length' => '14 mm']],
        ]), 3]]);

        self::assertSame([Bead::class, Finding::class], array_map(static fn (Need $need): string => $need->what::class, $needs));
        self::assertSame([9, 3], [$needs[0]->count, $needs[1]->count]);
    }

    public function testLettersAreNeededOneByOne(): void
    {
        $of = static fn (string $word): Need => Need::of([[Examples::plan([
            'pattern' => '1 square x fit, word "'.$word.'" of cube', 'beads' => ['cube' => ['shape' => 'cube'] + self::DOT],
        ]), 2]])[0];

        self::assertSame(['A' => 4, 'D' => 2], $of('ADA')->letters);
        self::assertSame(['B' => 4, 'O' => 2, 'A' => 4, 'D' => 2], $of('ADA')->and($of('BOB'))->letters);
        self::assertSame(12, $of('ADA')->and($of('BOB'))->count);
    }
}
