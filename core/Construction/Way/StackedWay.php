<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Said;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;

/**
 * Several working pairs on one core that take turns: each begins with an overhand around the core, which the first
 * knots enclose, and those that do not tie lie along the core. At the end they are finished pair by pair.
 */
final class StackedWay extends BandWay
{
    protected function inTurn(): bool
    {
        return true;
    }

    protected function joined(): array
    {
        $pairs = $this->pairNames();

        return [...parent::joined(), new Act(
            Does::Aside,
            Part::Mount,
            new Said('lay-pairs', ['roles' => $pairs, 'role' => $pairs[0] ?? 'core']),
            marks: [Landmark::of('mark')],
            lesson: 'square',
        )];
    }

    /**
     * Each pair's middle is tied around the core.
     */
    protected function under(string $role, array $cords): array
    {
        if ($this->isOutwards()) {
            return parent::under($role, $cords);
        }
        $by = \count($cords) > 1 ? self::ends($cords, false) : self::ends($cords);

        return [new Act(
            Does::Tie,
            Part::Mount,
            new Said(\count($cords) > 1 ? 'pair-apart' : 'pair-on', ['role' => $role]),
            [Move::knot((new Overhand())->word())],
            role: $role,
            by: $by,
            around: $this->lanes(0)['core'],
            takes: $this->bench->knots(new Overhand(), $this->bench->overhand($by), $by),
            marks: [Landmark::of('mark')],
            knot: (new Overhand())->word(),
            lesson: 'together',
        )];
    }
}
