<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Profile;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Derivation;

/**
 * Four rules of thumb (common practice), each where it fits and where it does not: what plans come to, along that on
 * which it depends.
 *
 * @internal
 */
final readonly class ThumbRules
{
    /** How thick pieces are, in mm. */
    private const THICK = [1, 2, 3, 4, 6, 8, 10, 12];

    public function __construct(private QuotedNumbers $numbers) {}

    /**
     * @return non-empty-list<ThumbRule>
     */
    public function all(): array
    {
        return [
            new ThumbRule('six-times', Derivation::TIMES_BAND, $this->numbers->times()['square'], true),
            new ThumbRule('half-inch', EaseScale::snug()->millimetres, self::added(), false),
            new ThumbRule(
                'twice-the-chain',
                Derivation::TIMES_CHAIN,
                $this->numbers->chains('laced-chain', 'lace', 'link'),
                true,
            ),
            new ThumbRule(
                'four-times',
                Derivation::TIMES_WRIST,
                $this->numbers->chains('braided-chain', 'left', 'braid'),
                true,
            ),
        ];
    }

    /**
     * Returns what a snug piece is longer than the wrist along its middle, which goes around further out the thicker it
     * is; from the tightest fit that is snug to the loosest.
     *
     * @return array<int, QuotedNumber> in mm, by the piece's thickness
     */
    private static function added(): array
    {
        $wearer = new Wearer(Length::ofMillimetres(QuotedNumbers::WRIST), Measured::Snug);
        $zones = (new EaseScale($wearer))->starts();
        [$least, $most] = [$zones['snug']->minus($wearer->girth), $zones['comfortable']->minus($wearer->girth)];
        $added = [];
        foreach (self::THICK as $thick) {
            $profile = new Profile([], Length::ofMillimetres($thick));
            $along = static fn (Length $ease): float => (new Ring($wearer, $ease, 1, $profile, Length::zero()))
                ->wished()->minus($wearer->girth)->millimetres;
            $added[$thick] = new QuotedNumber($along(EaseScale::snug()), $along($least), $along($most));
        }

        return $added;
    }
}
