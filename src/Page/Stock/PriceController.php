<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Stock;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Price\Costing;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Cutting\Cutting;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What pieces cost, and what their maker earns at a price.
 */
#[Route('/cut')]
final class PriceController extends AbstractController
{
    public function __construct(
        private readonly ChosenPiecesReader $choosing,
        private readonly Costing $costing,
        private readonly Preferences $preferences,
    ) {}

    #[Route('/price', 'price', methods: 'GET')]
    public function price(Request $request): Response
    {
        $chosen = $this->choosing->of($request->query);

        $cost = $this->costing->of($chosen, $this->choosing->cutting($chosen));
        $asked = LooseData::query($request)->text('ask', 12);
        $price = 1 === preg_match(
            '/^\d{1,7}([.,]\d{1,4})?$/D',
            $asked,
        ) ? BigDecimal::of(str_replace(',', '.', $asked)) : $cost->total();

        return $this->render('stock/price.html.twig', [
            'cost' => $cost,
            'ask' => $price,
            'most' => $cost->total()->multipliedBy(3)->toScale(0, RoundingMode::Ceiling),
            'earns' => $cost->hourly($price),
            'each' => array_map(fn (array $one): array => [
                $one[1]->draft->piece->name,
                $one[2],
                $this->costing->of(new ChosenPieces([[$one[0], $one[1], 1, null]]), Cutting::of([], [])),
            ], $chosen->kinds()),
            'unit' => $this->preferences->unit(),
        ] + $this->choosing->page($chosen));
    }
}
