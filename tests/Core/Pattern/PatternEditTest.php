<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Tests\Core\Chance;

final class PatternEditTest extends TestCase
{
    private const TEXT = '2 square, (1 bead a, 3 half left) x fit, bundle a b / c, focal leaf, mirror';

    /**
     * @param callable(PatternEdit): Pattern $edit
     */
    #[DataProvider('provideEdits')]
    public function testEdits(callable $edit, string $expected): void
    {
        self::assertSame($expected, (string) $edit(new PatternEdit(Pattern::parse(self::TEXT, Unit::Millimetre))));
    }

    /**
     * @return iterable<string, array{callable(PatternEdit): Pattern, string}>
     */
    public static function provideEdits(): iterable
    {
        $rest = ', bundle a b / c, focal leaf, mirror';
        yield 'a knot more' => [
            static fn (PatternEdit $e): Pattern => $e->counted('0', 1),
            '3 square, (1 bead a, 3 half left) x fit'.$rest,
        ];
        yield 'never none' => [
            static fn (PatternEdit $e): Pattern => $e->counted('0', -5),
            '1 square, (1 bead a, 3 half left) x fit'.$rest,
        ];
        yield 'inside brackets' => [
            static fn (PatternEdit $e): Pattern => $e->counted('1.1', 2),
            '2 square, (1 bead a, 5 half left) x fit'.$rest,
        ];
        yield 'a repeat more than fits' => [
            static fn (PatternEdit $e): Pattern => $e->counted('1', 1),
            '2 square, (1 bead a, 3 half left) x fit more 1'.$rest,
        ];
        yield 'taken out' => [
            static fn (PatternEdit $e): Pattern => $e->without('1.0'),
            '2 square, 3 half left x fit'.$rest,
        ];
        yield 'empty brackets go too' => [
            static fn (PatternEdit $e): Pattern => (new PatternEdit($e->without('1.0')))->without('1.0'),
            '2 square'.$rest,
        ];
        yield 'doubled' => [
            static fn (PatternEdit $e): Pattern => $e->doubled('0'),
            '2 square, 2 square, (1 bead a, 3 half left) x fit'.$rest,
        ];
        yield 'moved on' => [
            static fn (PatternEdit $e): Pattern => $e->moved('0', 1),
            '(1 bead a, 3 half left) x fit, 2 square'.$rest,
        ];
        yield 'not over the edge' => [static fn (PatternEdit $e): Pattern => $e->moved('0', -3), self::TEXT];
        yield 'moved into brackets' => [
            static fn (PatternEdit $e): Pattern => $e->movedBefore('0', '1.1'),
            '(1 bead a, 2 square, 3 half left) x fit'.$rest,
        ];
        yield 'moved out of brackets' => [
            static fn (PatternEdit $e): Pattern => $e->movedBefore('1.1', '0'),
            '3 half left, 2 square, 1 bead a x fit'.$rest,
        ];
        yield 'moved forward' => [
            static fn (PatternEdit $e): Pattern => $e->movedBefore('3', '0'),
            'focal leaf, 2 square, (1 bead a, 3 half left) x fit, bundle a b / c, mirror',
        ];
        yield 'never into itself' => [static fn (PatternEdit $e): Pattern => $e->movedBefore('1', '1.0'), self::TEXT];
        yield 'bracketed' => [
            static fn (PatternEdit $e): Pattern => $e->bracketed('0'),
            '2 square x 2, (1 bead a, 3 half left) x fit'.$rest,
        ];
        yield 'brackets off' => [
            static fn (PatternEdit $e): Pattern => $e->bracketed('1'),
            '2 square, 1 bead a, 3 half left'.$rest,
        ];
        yield 'repeated to fit' => [
            static fn (PatternEdit $e): Pattern => $e->fitted('0', 0),
            '2 square x fit, (1 bead a, 3 half left) x fit'.$rest,
        ];
        yield 'a fit fixed' => [
            static fn (PatternEdit $e): Pattern => $e->fitted('1', 9),
            '2 square, (1 bead a, 3 half left) x 9'.$rest,
        ];
        yield 'no fit in a fit' => [static fn (PatternEdit $e): Pattern => $e->fitted('1.1', 9), self::TEXT];
        yield 'alternating' => [
            static fn (PatternEdit $e): Pattern => $e->alternated('1'),
            '2 square, (1 bead a, 3 half left) x fit alternate'.$rest,
        ];
        yield 'no mirror' => [
            static fn (PatternEdit $e): Pattern => $e->mirrored(),
            '2 square, (1 bead a, 3 half left) x fit, bundle a b / c, focal leaf',
        ];
        yield 'another bead' => [
            static fn (PatternEdit $e): Pattern => $e->renamedAt('1.0', 0, 'z'),
            '2 square, (1 bead z, 3 half left) x fit'.$rest,
        ];
        yield 'of the short end' => [
            static fn (PatternEdit $e): Pattern => $e->renamedAt('2', 2, 'z'),
            '2 square, (1 bead a, 3 half left) x fit, bundle a b / z, focal leaf, mirror',
        ];
        yield 'put in' => [
            static fn (PatternEdit $e): Pattern => $e->insertedAfter('1.0', new Knots(4, new Square())),
            '2 square, (1 bead a, 4 square, 3 half left) x fit'.$rest,
        ];
        yield 'put at the end' => [
            static fn (PatternEdit $e): Pattern => $e->insertedAfter('', new Knots(4, new Square())),
            self::TEXT.', 4 square',
        ];
        yield 'nowhere' => [static fn (PatternEdit $e): Pattern => $e->counted('1.7.0', 1), self::TEXT];
        yield 'nonsense' => [static fn (PatternEdit $e): Pattern => $e->without('../0'), self::TEXT];
    }

    public function testSomethingAlwaysStays(): void
    {
        $one = Pattern::parse('1 square', Unit::Millimetre);

        self::assertSame('1 square', (string) (new PatternEdit($one))->without('0'));
        self::assertSame('mirror', (string) (new PatternEdit(Pattern::parse('mirror', Unit::Millimetre)))->mirrored());
    }

    public function testMovingKeepsAllParts(): void
    {
        $chance = new Chance(3);
        $paths = ['0', '1', '1.0', '1.1', '2', '3'];
        $pattern = Pattern::parse(self::TEXT, Unit::Millimetre);
        for ($i = 0; $i < 200; ++$i) {
            $moved = (string) (new PatternEdit($pattern))->movedBefore($chance->of($paths), $chance->of($paths));
            foreach (['2 square', '1 bead a', '3 half left', 'bundle a b / c', 'focal leaf'] as $part) {
                self::assertSame(1, substr_count($moved, $part), $moved.', '.$chance);
            }
            self::assertSame($moved, (string) Pattern::parse($moved, Unit::Millimetre));
        }
    }
}
