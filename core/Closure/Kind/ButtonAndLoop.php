<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ButtonLoop;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Material\FindingKind;

/**
 * A button through a loop, or one of several. A loop of knots and knots behind the button want cords that tie; of a
 * wrap both are bound by barrels.
 *
 * @internal
 */
final readonly class ButtonAndLoop extends OpeningClosure
{
    /**
     * @param list<ClosureOption>|null $more what is said of it here besides; all there is, wherever, when null
     */
    private function __construct(private ?array $more) {}

    /**
     * Returns it wherever it may be.
     */
    public static function anywhere(): self
    {
        return new self(null);
    }

    public static function onBand(): self
    {
        return new self([ClosureOption::Knotted, ClosureOption::Behind]);
    }

    public static function onCord(): self
    {
        return new self([]);
    }

    public static function onWrap(): self
    {
        return new self([ClosureOption::Wraps]);
    }

    public function id(): string
    {
        return 'button-loop';
    }

    public function options(): array
    {
        $more = $this->more ?? [ClosureOption::Wraps, ClosureOption::Knotted, ClosureOption::Behind];

        return [ClosureOption::Loops, ClosureOption::Opening, ClosureOption::Play, ClosureOption::Findings, ClosureOption::Tails, ...$more];
    }

    public function made(ClosureWish $wish): array
    {
        return [FindingKind::Button];
    }

    public function on(Site $site): Closure
    {
        return ButtonLoop::on($site);
    }
}
