<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\SquareSlider;
use Rinkel\Core\Knot\Kind\Square;

/**
 * Square knots tied over both tails.
 *
 * @internal
 */
final readonly class SquareSliding extends Slider
{
    public function id(): string
    {
        return 'square-slider';
    }

    public function options(): array
    {
        return [ClosureOption::Knots, ClosureOption::Shows, ClosureOption::Tail, ClosureOption::Tails, ClosureOption::Glued];
    }

    public function on(Site $site): Closure
    {
        return new SquareSlider(
            $site->wish,
            $site->book->around(new Square(), $site->ends->doubled(), $site->working),
            $site->stop(),
            $site,
        );
    }
}
