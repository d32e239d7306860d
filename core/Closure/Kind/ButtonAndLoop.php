<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ButtonLoop;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Wished;
use Rinkel\Core\Material\FindingKind;

/**
 * A button through a loop, or one of several. A loop of knots and knots behind the button want cords that tie; of a
 * wrap both are bound by barrels.
 */
final readonly class ButtonAndLoop extends Opening
{
    /**
     * @param list<Wished>|null $more what is said of it here besides; all there is, wherever, when null
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
        return new self([Wished::Knotted, Wished::Behind]);
    }

    public static function onCord(): self
    {
        return new self([]);
    }

    public static function onWrap(): self
    {
        return new self([Wished::Wraps]);
    }

    public function id(): string
    {
        return 'button-loop';
    }

    public function asks(): array
    {
        $more = $this->more ?? [Wished::Wraps, Wished::Knotted, Wished::Behind];

        return [Wished::Loops, Wished::Opening, Wished::Play, Wished::Findings, Wished::Tails, ...$more];
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
