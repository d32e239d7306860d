<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\CountedPart;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Pattern\Pattern;

/**
 * What each kind of part says of itself.
 */
final class NodeTest extends TestCase
{
    /**
     * @param list<string> $names
     */
    #[DataProvider('provideParts')]
    public function testSaysItsWordItsNamesAndWhatItBecomes(
        string $text,
        string $word,
        array $names,
        string $twice,
        ?string $freed,
    ): void {
        $part = Pattern::parse($text, Unit::Millimetre)->parts[0];
        $counted = $part instanceof CountedPart ? $part : null;

        self::assertSame($word, $part->word());
        self::assertSame($names, $part->names());
        self::assertSame($twice, (string) ($counted?->times(2 * ($counted->count() ?? 0)) ?? $part));
        self::assertSame($freed, null === $counted ? null : ($counted->freed()?->__toString()));
        $renamed = $part->renamed(static fn (string $name, int $i): string => $name.$i);
        $numbered = array_map(static fn (string $name, int $i): string => $name.$i, $names, array_keys($names));
        self::assertSame($numbered, $renamed->names());
        self::assertSame($numbered, Pattern::parse((string) $renamed, Unit::Millimetre)->parts[0]->names());
    }

    /**
     * @return iterable<string, array{string, string, list<string>, string, string|null}>
     */
    public static function provideParts(): iterable
    {
        yield 'knots' => ['3 square', 'square', [], '6 square', '1 square x fit'];
        yield 'wrapped' => ['1 barrel 4 in b', 'barrel', ['b'], '2 barrel 4 in b', '1 barrel 4 in b x fit'];
        yield 'beads' => ['5 bead a 2 b on left', 'bead', ['a', 'b'], '10 bead a 2 b on left', '1 bead a 2 b on left x fit'];
        yield 'links' => ['4 link c', 'link', ['c'], '8 link c', '1 link c x fit'];
        yield 'wave' => ['wave 4 r / 5 s', 'wave', ['r', 's'], 'wave 8 r / 5 s', null];
        yield 'net' => ['net 5 every 12 mm', 'net', [], 'net 10 every 12 mm', null];
        yield 'word' => ['word "ADA" of d between e', 'word', ['d', 'e'], 'word "ADA" of d between e', null];
        yield 'focal' => ['focal f', 'focal', ['f'], 'focal f', null];
        yield 'bundle' => ['bundle a b / c', 'bundle', ['a', 'b', 'c'], 'bundle a b / c', null];
        yield 'gap' => ['gap 20 mm', 'gap', [], 'gap 20 mm', null];
        yield 'braid' => ['braid fit', 'braid', [], 'braid fit', null];
        yield 'group' => ['(1 square, 1 overhand) x 3', '(', [], '(1 square, 1 overhand) x 6', '(1 square, 1 overhand) x fit'];
        yield 'mirror' => ['mirror', 'mirror', [], 'mirror', null];
    }

    /**
     * @param callable(): Node $make
     */
    #[DataProvider('provideBroken')]
    public function testHoldsTheBoundsThatItStates(callable $make): void
    {
        $this->expectException(\DomainException::class);

        $make();
    }

    /**
     * @return iterable<string, array{callable(): Node}>
     */
    public static function provideBroken(): iterable
    {
        yield 'no knot' => [static fn (): Node => new Knots(0, new Square())];
        yield 'too many knots' => [static fn (): Node => new Knots(CountedPart::MOST + 1, new Square())];
        yield 'one wrap' => [static fn (): Node => new Knots(1, new Barrel(), 1)];
        yield 'six wraps' => [static fn (): Node => new Knots(1, new Barrel(), 6)];
        yield 'no bead' => [static fn (): Node => new Beads(0, BeadOrder::AsNamed, [[1, 'a']])];
        yield 'none of a name' => [static fn (): Node => new Beads(1, BeadOrder::AsNamed, [[0, 'a']])];
        yield 'a sixty-first strand' => [
            static fn (): Node => new Beads(1, BeadOrder::AsNamed, [[1, 'a']], Lane::Strand, 61),
        ];
        yield 'no link' => [static fn (): Node => new Links(0, 'a')];
        yield 'a wave of nothing' => [static fn (): Node => new Wave(0, 'a', 'b')];
        yield 'a wave of a day' => [static fn (): Node => new Wave(Wave::MOST_STEPS + 1, 'a', 'b')];
        yield 'too many seeds' => [static fn (): Node => new Wave(4, 'a', 'b', Wave::MOST_SEEDS + 1)];
        yield 'no row' => [static fn (): Node => new Net(0, Length::ofMillimetres(12))];
        yield 'no letter' => [static fn (): Node => new Word('', 'a')];
        yield 'no repeat' => [static fn (): Node => new Group([new Links(1, 'a')], 0)];
    }
}
