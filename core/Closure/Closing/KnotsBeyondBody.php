<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;

/**
 * Square knots that the working ends tie beyond the body: behind a button, over a core that lies doubled up to a
 * finding. The working ends leave the piece there, and no longer where the body ends.
 *
 * @internal
 */
final readonly class KnotsBeyondBody
{
    /**
     * @param string $at what lies there: the button, the finding
     */
    public function __construct(private int $count, private ?TiedKnot $square, private string $at) {}

    public function isTied(Outlet $at): bool
    {
        return $this->count > 0 && null !== $this->square && [] !== $at->ends->working;
    }

    /**
     * Returns where the working ends leave these knots; null where there are none.
     */
    public function edge(Outlet $at): ?Landmark
    {
        return $this->isTied($at) ? Landmark::of('over-edge', $this->at, $at->side()) : null;
    }

    /**
     * @param array<string, string> $values    of its sentence, besides the count and the cord
     * @param list<Landmark>        $marks     that it begins from
     * @param list<Message>         $looks
     * @param bool                  $takesCore whether the core is not there yet: it takes as much as these are long
     */
    public function act(
        Bench $bench,
        Outlet $at,
        Part $part,
        string $key,
        array $values,
        array $marks,
        array $looks,
        string $lesson,
        bool $takesCore,
    ): Act {
        $square = $this->square ?? throw new \LogicException('Nothing is tied there.');
        $word = (new Square())->word();
        $side = $bench->habits->tying->side;
        $working = \array_slice($at->ends->working, 0, 2);
        $along = $this->count * $square->pitch->millimetres;
        $core = array_map(
            static fn (End $end): EndUse => EndUse::straight($end, $along),
            $takesCore ? $at->ends->carrying : [],
        );

        return new Act(
            ActKind::Tie,
            $part,
            new Message($key, ['count' => $this->count, 'role' => End::rolesOf($working)] + $values),
            stint: new Stint(
                moves: [Move::half($word, $side), Move::half($word, $side->other())],
                count: 2 * $this->count,
                knot: $word,
                takes: [...$bench->knots(new Square(), $square, $working, $this->count), ...$core],
            ),
            grip: new Grip(End::rolesOf($working), ActingEnd::Both, $working, $at->ends->carrying),
            spot: new Spot(marks: $marks, makes: array_values(array_filter([$this->edge($at)]))),
            advice: new Advice(looks: $looks, lesson: $lesson),
        );
    }
}
