<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;

/**
 * Four rules of thumb (common practice), each where it fits and where it does not: what plans come to, along that on
 * which it depends.
 *
 * @internal
 */
final readonly class ThumbRules
{
    /** A flat band takes so many times its length of each working cord. */
    public const SIX_TIMES = 6.0;

    /** A lace takes so many times its chain, and each thread braided through one. */
    private const TWICE = 2.0;
    private const FOUR_TIMES = 4.0;

    /** What a piece is thick, and how long its links are, in mm. */
    private const THICK = [1, 2, 3, 4, 6, 8, 10, 12];
    private const LINKS = [6, 8, 10, 12, 16, 20];

    /** An ordinary wrist. */
    private const WRIST = 160.0;

    public function __construct(private QuotedNumbers $numbers, private Planner $planner = new Planner()) {}

    /**
     * @return non-empty-list<ThumbRule>
     */
    public function all(): array
    {
        return [
            new ThumbRule('six-times', self::SIX_TIMES, $this->numbers->times()['square'], true),
            new ThumbRule('half-inch', EaseScale::snug()->millimetres, self::added(), false),
            new ThumbRule('twice-the-chain', self::TWICE, $this->perChain('laced-chain', 'lace'), true),
            new ThumbRule('four-times', self::FOUR_TIMES, $this->perChain('braided-chain', 'left'), true),
        ];
    }

    /**
     * Returns what a snug piece is longer than the wrist along its middle: the ease, and pi times its thickness, since
     * its middle goes around further out. It is snug from the first ease to the last.
     *
     * @return array<int, QuotedNumber> in mm, by the piece's thickness
     */
    private static function added(): array
    {
        $wrist = Length::ofMillimetres(self::WRIST);
        $zones = (new EaseScale(new Wearer($wrist, Measured::Snug)))->starts();
        [$least, $most] = [$zones['snug']->minus($wrist), $zones['comfortable']->minus($wrist)];
        $added = [];
        foreach (self::THICK as $thick) {
            $further = \M_PI * $thick;
            $added[$thick] = new QuotedNumber(
                EaseScale::snug()->millimetres + $further,
                $least->millimetres + $further,
                $most->millimetres + $further,
            );
        }

        return $added;
    }

    /**
     * Returns how many times the chain a cord takes that goes through its links, its ends not counted: by links whose
     * opening is a little more than half their length.
     *
     * @return array<int, QuotedNumber> by the link's length
     */
    private function perChain(string $construction, string $role): array
    {
        $times = [];
        foreach (self::LINKS as $link) {
            $plan = $this->planner->plan((new PieceReader())->read([
                'format' => PieceReader::FORMAT, 'version' => PieceReader::VERSION, 'name' => 'Chain', 'unit' => 'cm',
                'construction' => $construction, 'wearer' => ['girth' => self::WRIST.' mm'],
                'findings' => ['chain' => [
                    'kind' => 'link', 'length' => $link.' mm', 'width' => 0.8 * $link.' mm',
                    'inside' => 0.55 * $link.' mm',
                ]],
            ]));
            $cut = array_column($plan->cuts, null, 'role')[$role];
            $taken = $cut->part('knots')->ratioTo($plan->draft->body());
            $times[$link] = new QuotedNumber($taken, $taken, $taken);
        }

        return $times;
    }
}
