<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;

/**
 * Judges what whole repeats leave: of an asked length, and where one repeat is coarser than a fit.
 *
 * @internal
 */
final readonly class Remainder
{
    /** A finished length off by this share is no longer what was asked (judgement). */
    private const OFF = 0.1;

    private FinerWays $finer;

    public function __construct(private Draft $draft)
    {
        $this->finer = new FinerWays($draft);
    }

    public function check(): ?Check
    {
        return null === $this->draft->piece->askedLength() ? $this->coarse() : $this->asked();
    }

    private function asked(): ?Check
    {
        $over = $this->draft->setting->over;
        $repeat = $this->finer->repeat();
        $notable = Length::longest($repeat->times(0.5), Length::ofMillimetres(5));
        if (!$over->absolute()->isLongerThan($notable) || $this->draft->fastened->kind->slides() && $over->isNegative()) {
            return null;
        }
        $asked = $this->draft->piece->askedLength() ?? Length::zero();
        $filled = $this->finer->filled();

        return new Check(
            'length-not-reached',
            $over->absolute()->isLongerThan($asked->times(self::OFF)) ? Severity::Stop : Severity::Warn,
            [
                'asked' => $asked,
                'length' => $asked->plus($over),
                'off' => $over->absolute(),
                'side' => $over->isNegative() ? 'short' : 'long',
                'way' => null === $filled ? 'other' : 'fill',
            ],
            null === $filled ? null : new Remedy('pattern', (string) $filled),
        );
    }

    private function coarse(): ?Check
    {
        $over = $this->draft->setting->over;
        $repeat = $this->finer->repeat();
        $filled = $this->finer->filled();

        return null === $filled || !$this->finer->isCoarse() ? null : new Check('repeat-coarse', Severity::Hint, [
            'repeat' => $repeat,
            'off' => $over->absolute(),
            'side' => $over->isNegative() ? 'short' : 'long',
        ], new Remedy('pattern', (string) $filled));
    }
}
