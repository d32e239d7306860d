<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Brick\Math\BigDecimal;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Log\Log;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Page\Paper\PaperController;
use Rinkel\App\Paper\Slip;
use Rinkel\App\Paper\SlipPaper;
use Rinkel\App\Paper\Slips;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Price\Costing;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What a customer gets with their things.
 */
#[Route('/orders')]
final class SlipController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    public function __construct(
        private readonly Makings $makings,
        private readonly ChosenPiecesReader $choosing,
        private readonly Costing $costing,
        private readonly Wording $wording,
        private readonly Slips $slips,
        private readonly Log $log,
    ) {}

    /**
     * Answers with what the customer gets with their things.
     */
    #[Route('/{id}/slip', 'order_slip', requirements: self::ID, methods: 'GET')]
    public function slip(StoredOrder $order): Response
    {
        $all = $this->choosing->all($this->makings->ofOrder($order))->pieces;
        $thick = array_map(static fn (array $one): Length => $one[1]->draft->ring->profile->thick, $all);

        return $this->render('orders/slip.html.twig', [
            'order' => $order,
            'slips' => $this->told($all),
            'thick' => $this->wording->length(Length::longest(Length::zero(), ...$thick), Unit::Millimetre),
        ]);
    }

    #[Route('/{id}/slip.pdf', 'order_slip_paper', requirements: self::ID, methods: 'GET')]
    public function slipPaper(StoredOrder $order, SlipPaper $paper): Response
    {
        $all = $this->told($this->choosing->all($this->makings->ofOrder($order))->pieces);

        return PaperController::pdf($paper->pdf($order, array_column($all, 'slip')), 'rinkel-slip');
    }

    /**
     * @param list<array{StoredPiece, Plan, int, StoredMaking|null}> $all
     *
     * @return list<array{slip: Slip, count: int, making: int, photo: int|null, price: BigDecimal}> each kind once
     */
    private function told(array $all): array
    {
        $groups = [];
        foreach ($all as $one) {
            $groups[spl_object_id($one[1])][] = $one;
        }
        $told = [];
        foreach ($groups as $group) {
            [$piece, $plan, , $making] = $group[0];
            $entry = null === $making || '' === $making->log() ? null : $this->log->withUid($making->log());
            $told[] = [
                'slip' => $this->slips->of($plan),
                'count' => \count($group),
                'making' => $making?->id() ?? 0,
                'photo' => true === $entry?->hasPhoto ? $entry->stored->id() : null,
                'price' => $this->costing->of(
                    new ChosenPieces([[$piece, $plan, 1, $making]]),
                    Cutting::of([], []),
                )->total(),
            ];
        }

        return $told;
    }
}
