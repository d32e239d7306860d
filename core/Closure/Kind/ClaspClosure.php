<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Clasp;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Material\FindingKind;

/**
 * Clasp with rings and ends, also a toggle or an extender.
 *
 * @internal
 */
final readonly class ClaspClosure extends OpeningClosure
{
    private function __construct(private bool $isTied) {}

    /**
     * Returns it wherever it may be, or on a band, where working cords can be knotted over the core that is tied back.
     */
    public static function anywhere(): self
    {
        return new self(true);
    }

    /**
     * Returns it where no cord ties.
     */
    public static function onCord(): self
    {
        return new self(false);
    }

    public function id(): string
    {
        return 'clasp';
    }

    public function options(): array
    {
        return [ClosureOption::Findings, ...($this->isTied ? [ClosureOption::Over] : [])];
    }

    public function made(ClosureWish $wish): array
    {
        return [FindingKind::Clasp, FindingKind::Ring];
    }

    public function on(Site $site): Closure
    {
        return new Clasp($site->wish->kind, $site->findings(), $site);
    }
}
