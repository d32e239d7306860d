<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Work\Act;

/**
 * All lessons there are, and which of them teaches an act.
 *
 * @internal
 */
final readonly class Lessons
{
    /** What begins with one cord or the other, as a maker's pieces do; all else goes by the hand they work with. */
    private const BY_SIDE = ['square', 'slider', 'behind', 'ties', 'elastic', 'rows'];

    /** @var array<string, Teaching> by id */
    private array $byId;

    public function __construct(Teaching ...$teachings)
    {
        $this->byId = array_column(
            array_map(static fn (Teaching $teaching): array => [$teaching->id(), $teaching], $teachings),
            1,
            0,
        );
    }

    public static function all(): self
    {
        $left = Side::Left;
        $right = Side::Right;

        return new self(
            new Kind\HalfKnotted('square', [$left, $right]),
            new Kind\HalfKnotted('half left', [$left, $left, $left]),
            new Kind\HalfKnotted('half right', [$right, $right, $right]),
            new Kind\OverhandLesson('overhand'),
            new Kind\WoundKnotLesson('double overhand', 2),
            new Kind\WoundKnotLesson('barrel', 3),
            new Kind\OverhandLesson('together', cords: 2),
            new Kind\OverhandLesson('net', cords: 2),
            new Kind\HalfKnotted('pair', [$left]),
            new Kind\Twisted(),
            new Kind\Hitched('hitch', [true]),
            new Kind\Hitched('vertical lark', [true, false]),
            new Kind\RowsLesson(),
            new Kind\BraidLesson(),
            new Kind\Interlaced(),
            new Kind\LacingLesson('lacing'),
            new Kind\LacingLesson('braid through links', 2),
            new Kind\PointLesson('tip', false),
            new Kind\LarksHeadLesson(),
            new Kind\OverhandLesson('loop', Topic::Start, 2, true),
            new Kind\Linked(),
            new Kind\HalfKnotted('slider', [$left, $right], true),
            new Kind\WoundKnotLesson('sliding barrel', 3, true),
            new Kind\SlideBeadLesson(),
            new Kind\OverhandLesson('button', Topic::Closure, 2, on: Matter::Button),
            new Kind\HalfKnotted('behind', [$left, $right], hides: true),
            new Kind\OverhandLesson('fastened', Topic::Closure, 2, on: Matter::Frame),
            new Kind\TiedEndsLesson('ties', [$left, $right]),
            new Kind\TiedEndsLesson('elastic', [$left, $right, $left]),
            new Kind\HiddenKnotLesson('hide', false),
            new Kind\HiddenKnotLesson('cover', true),
            new Kind\JumpRingLesson(),
            new Kind\FoldOverLesson(),
            new Kind\ButtedEndsLesson('butt', false),
            new Kind\ButtedEndsLesson('magnet', true),
            new Kind\Cabochon(),
            new Kind\WhippingLesson(),
            new Kind\FinishedEndsLesson('singe', true),
            new Kind\FinishedEndsLesson('glue', false),
            new Kind\PointLesson('fray', true),
        );
    }

    /**
     * Returns all there are for a piece, with the knots of its maker's own.
     */
    public static function forPiece(Piece $piece): self
    {
        return self::all()->with(...array_values($piece->ownKnots()));
    }

    /**
     * Returns these, and those of somebody's own knots.
     */
    public function with(DrawnKnot ...$knots): self
    {
        return new self(...array_values($this->byId), ...array_map(
            static fn (DrawnKnot $knot): Kind\DrawnLesson => new Kind\DrawnLesson($knot->word(), $knot->way),
            array_values($knots),
        ));
    }

    /**
     * @return list<string>
     */
    public function ids(): array
    {
        return array_keys($this->byId);
    }

    /**
     * Returns a lesson as it is tied by a hand that begins on a side; null where there is none of that name.
     *
     * A spiral has its side in its name: its mirror image is another.
     */
    public function named(string $id, Side $side = Side::Left): ?Lesson
    {
        $lesson = ($this->byId[$id] ?? null)?->lesson();

        return null === $lesson || Side::Left === $side || self::hasItsSide($id) ? $lesson : $lesson->mirrored();
    }

    /**
     * @return list<Lesson>
     */
    public function lessons(Side $side = Side::Left): array
    {
        return array_values(array_filter(array_map(
            fn (string $id): ?Lesson => $this->named($id, $side),
            $this->ids(),
        )));
    }

    /**
     * Returns whether its hand is the side with which a maker begins, not the one they work with.
     */
    public static function goesBySide(string $id): bool
    {
        return \in_array($id, self::BY_SIDE, true);
    }

    /**
     * Returns whether it has its side in its name.
     */
    public static function hasItsSide(string $id): bool
    {
        return str_starts_with($id, 'half ');
    }

    /**
     * Returns what teaches an act: the knot it ties, or what else is done; null where nothing has to be learnt.
     */
    public function of(Act $act): ?string
    {
        return $act->advice->lesson;
    }

    /**
     * Returns what all these acts ask for, each once, in the order in which it comes.
     *
     * @param list<Act> $acts
     *
     * @return list<string>
     */
    public function taught(array $acts): array
    {
        return array_values(array_unique(array_filter(
            array_map($this->of(...), $acts),
            static fn (?string $id): bool => null !== $id,
        )));
    }
}
