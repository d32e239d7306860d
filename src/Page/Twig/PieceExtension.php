<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Rinkel\App\Board\Paces;
use Rinkel\App\Document\DesignsFile;
use Rinkel\App\Making\Makings;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Sizes\RequestedSizes;
use Rinkel\App\Svg\DrawingFile;
use Rinkel\App\Svg\PagePictures;
use Rinkel\App\Svg\Posture;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Sizing\Operation;
use Rinkel\Core\Sizing\Sized;
use Rinkel\Core\Work\Act;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/**
 * How a planned piece is drawn: flat, worn, small, in sizes, its closure, its cuts.
 */
final class PieceExtension extends AbstractExtension
{
    private const DRAWN = ['is_safe' => ['html']];

    public function __construct(
        private readonly PagePictures $pictures,
        private readonly DrawingFile $drawings,
        private readonly Paces $paces,
        private readonly Makings $makings,
        private readonly Wording $wording,
        private readonly DesignsFile $designs,
        private readonly Pieces $pieces,
    ) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('changed_design', $this->isChanged(...)),
            new TwigFunction('drawing_version', $this->drawings->version(...)),
            new TwigFunction('board', $this->pictures->board(...), self::DRAWN),
            new TwigFunction('worn', $this->pictures->worn(...), self::DRAWN),
            new TwigFunction(
                'turn_step',
                static fn (Plan $plan): int => Posture::step($plan->draft->piece->wearer->place),
            ),
            new TwigFunction('worn_open', static fn (Plan $plan): int => Posture::worn($plan->draft)),
            new TwigFunction('small', $this->pictures->small(...), self::DRAWN),
            new TwigFunction('closure', $this->pictures->closure(...), self::DRAWN),
            new TwigFunction('piece_rows', $this->pictures->rows(...), self::DRAWN),
            new TwigFunction('size_rows', $this->sizes(...), self::DRAWN),
            new TwigFunction('gauge', $this->pictures->gauge(...), self::DRAWN),
            new TwigFunction('cut_bar', $this->pictures->cutBar(...), self::DRAWN),
            new TwigFunction('risks_of', self::risks(...)),
            new TwigFunction(
                'hands_of',
                fn (Plan $plan): float => array_sum(array_column($this->paces->pace()->chain($plan->acts()), 0)),
            ),
            new TwigFunction(
                'first_acts',
                fn (Plan $plan): array => $this->said($plan, \array_slice($plan->acts()->all, 0, 4)),
            ),
            new TwigFunction(
                'end_acts',
                fn (Plan $plan): array => $this->said($plan, self::ending($plan->acts()->all)),
            ),
            new TwigFunction('makings_of', $this->makings->of(...)),
        ];
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<string>
     */
    private function said(Plan $plan, array $acts): array
    {
        $pace = $this->paces->pace();

        return array_map(
            fn (Act $act): string => $this->wording->making($pace->said($act), $plan->draft->piece->unit),
            $acts,
        );
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<Act> those after the body is made
     */
    private static function ending(array $acts): array
    {
        $last = 0;
        foreach ($acts as $i => $act) {
            $last = \in_array(Operation::of($act), [Operation::Cut, Operation::Tie], true) ? $i + 1 : $last;
        }

        return \array_slice($acts, $last);
    }

    /**
     * @param non-empty-list<Sized> $sizes
     */
    private function sizes(array $sizes, RequestedSizes $labels, bool $isHeld = false): string
    {
        $unit = $sizes[0]->plan->draft->piece->unit;

        return $this->pictures->rows(
            array_map(static fn (Sized $one): Plan => $one->plan, $sizes),
            array_map(static fn (Sized $one): string => $labels->label($one->size, $unit), $sizes),
            $isHeld ? array_values(array_filter(
                array_map(static fn (Sized $one): mixed => $one->size->along, $sizes),
                static fn (mixed $along): bool => $along instanceof Length,
            )) : [],
        );
    }

    /**
     * @return array<int, Length> how long a cut is by the risk of running short, one in so many pieces; those that
     *                            differ
     */
    private static function risks(Cut $cut, Plan $plan): array
    {
        $piece = $plan->draft->piece;
        $lengths = [];
        foreach (Risk::oneIn($piece->risk)->around() as $risk) {
            $lengths[$risk->oneIn] = $cut->atRisk($risk, $piece->habits->cutStep($piece->unit));
        }

        return \count(
            array_unique(array_map(static fn (Length $length): string => (string) $length, $lengths)),
        ) > 1 ? $lengths : [];
    }

    /**
     * Returns whether a piece is made otherwise than the design that it says it is.
     */
    private function isChanged(StoredPiece $stored): bool
    {
        return isset($stored->document()['credit']) && $this->designs->isChanged($this->pieces->piece($stored));
    }
}
