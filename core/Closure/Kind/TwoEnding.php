<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\TwoEnds;
use Rinkel\Core\Material\FindingKind;

/**
 * One end like this, the other like that: loops, button, ties, findings.
 *
 * @internal
 */
final readonly class TwoEnding extends OpeningClosure
{
    private function __construct(private bool $hides) {}

    /**
     * Returns it wherever it may be.
     */
    public static function anywhere(): self
    {
        return new self(true);
    }

    /**
     * Returns it where no cord ties, so that nothing is hidden behind a button.
     */
    public static function onCord(): self
    {
        return new self(false);
    }

    public function id(): string
    {
        return 'two-ends';
    }

    public function options(): array
    {
        $hidden = $this->hides ? [ClosureOption::Behind] : [];

        return [ClosureOption::Ends, ClosureOption::Loops, ClosureOption::Tail, ClosureOption::Tails, ClosureOption::Play, ClosureOption::Findings, ...$hidden];
    }

    public function made(ClosureWish $wish): array
    {
        $has = static fn (EndForm $form): bool => $form === $wish->start || $form === $wish->finish;

        return [
            ...($has(EndForm::Button) ? [FindingKind::Button] : []),
            ...($has(EndForm::Findings) ? [FindingKind::Clasp] : []),
        ];
    }

    public function on(Site $site): Closure
    {
        return new TwoEnds($site->wish, $site);
    }
}
