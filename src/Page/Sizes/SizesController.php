<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Sizes;

use Rinkel\App\Board\Paces;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Making\OrderFiller;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Page\Paper\PaperController;
use Rinkel\App\Paper\KitPaper;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Price\Costing;
use Rinkel\App\Sizes\LargestSizeFinder;
use Rinkel\App\Sizes\MaterialSwapper;
use Rinkel\App\Sizes\RequestedSizes;
use Rinkel\App\Sizes\SizesRequest;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Sizing\Kit;
use Rinkel\Core\Sizing\Series;
use Rinkel\Core\Sizing\Sized;
use Rinkel\Core\Stock\Kind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\ParameterBag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * One design in several sizes: beside each other, as a kit, as a series, in other materials, and as far as cords go.
 */
#[Route('/pieces/{id}', requirements: ['id' => '[0-9]{1,18}'])]
final class SizesController extends AbstractController
{
    /** So many things of each kind in stock are offered. */
    private const OFFERED = 100;

    public function __construct(
        private readonly Pieces $pieces,
        private readonly RequestedSizes $asking,
        private readonly ChosenPiecesReader $choosing,
        private readonly StockBox $stock,
    ) {}

    #[Route('/sizes', 'sizes', methods: 'GET')]
    public function sizes(int $id, Request $request, People $people, Costing $costing, Paces $paces): Response
    {
        [$stored, $asked] = $this->asked($id, $request);
        $forAll = $this->asking->of($stored, $request->query, true);
        $chosen = self::chosen($stored, $asked);
        $cutting = $this->choosing->cutting($chosen);
        $needs = $chosen->needs();

        return $this->render('sizes/sizes.html.twig', [
            'stored' => $stored,
            'asked' => $asked,
            'for_all' => $forAll,
            'labels' => $this->asking,
            'people' => $people->all(),
            'kit' => null === $forAll->sizes ? null : Kit::of($forAll->sizes),
            'chosen' => $chosen,
            'cutting' => $cutting,
            'needs' => $needs,
            'cost' => $costing->of($chosen, $cutting),
            'series' => Series::of(
                array_map(static fn (array $one): array => [$one[1], $one[2]], $chosen->pieces),
                $paces->pace(),
            ),
            'rows' => $this->stock->like([
                ...array_map(static fn ($need): string => $need->what->materialKey(), $needs),
                ...array_keys($chosen->cords()),
            ]),
        ], new Response(status: [] === $asked->faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * Leads on from where kits and series once were.
     */
    #[Route('/kit', 'kit', methods: 'GET')]
    #[Route('/series', 'series', methods: 'GET')]
    public function before(int $id, Request $request): Response
    {
        $this->stored($id);

        return $this->redirectToRoute('sizes', [
            'id' => $id, '_fragment' => \is_string($route = $request->attributes->get('_route')) ? $route : '',
        ] + $request->query->all(), Response::HTTP_MOVED_PERMANENTLY);
    }

    /**
     * Takes an order of all that are asked for: a batch, or a kit where it is sold as one.
     */
    #[Route('/order', 'sizes_order', methods: 'POST')]
    public function order(int $id, Request $request, Orders $orders, OrderFiller $filler): Response
    {
        [$stored, $asked] = $this->asked($id, $request);
        if (0 === self::chosen($stored, $asked)->count()) {
            return $this->redirectToRoute('sizes', ['id' => $id] + $request->query->all(), Response::HTTP_SEE_OTHER);
        }
        $isKit = LooseData::form($request)->has('kit');
        $name = $stored->document()['name'] ?? '';
        $order = $orders->ask(['name' => \is_string($name) ? mb_substr($name, 0, 200) : '', 'kit' => $isKit]);
        foreach ($asked->sizes->all ?? [] as $i => $sized) {
            if ($sized instanceof Sized && ($asked->counts[$i] ?? 1) > 0) {
                $filler->addSize($order, $stored, $sized->size, $asked->counts[$i] ?? 1);
            }
        }

        return $this->redirectToRoute('order', ['id' => $order->id()], Response::HTTP_SEE_OTHER);
    }

    #[Route('/sizes.pdf', 'paper_sizes', methods: 'GET')]
    public function table(int $id, Request $request, KitPaper $paper): Response
    {
        return $this->paper($id, $request, $paper->table(...), 'sizes', false);
    }

    #[Route('/kit.pdf', 'paper_kit', methods: 'GET')]
    public function labels(int $id, Request $request, KitPaper $paper): Response
    {
        return $this->paper($id, $request, $paper->labels(...), 'kit', true);
    }

    #[Route('/instructions.pdf', 'paper_instructions', methods: 'GET')]
    public function instructions(int $id, Request $request, KitPaper $paper): Response
    {
        return $this->paper($id, $request, $paper->instructions(...), 'instructions', true);
    }

    #[Route('/otherwise', 'moved', methods: 'GET')]
    public function moved(int $id, Request $request, MaterialSwapper $moving): Response
    {
        $stored = $this->stored($id);
        $moved = $moving->of($stored, $request->query);

        return $this->render('sizes/moved.html.twig', [
            'stored' => $stored,
            'moved' => $moved,
            'fields' => MaterialSwapper::FIELDS,
            'stock' => array_merge(...array_map(
                fn (Kind $kind): array => $this->stock->found($kind, '', self::OFFERED)[0],
                Kind::cases(),
            )),
        ], new Response(status: [] === $moved->faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    #[Route('/reach', 'reach', methods: 'GET')]
    public function reach(int $id, Request $request, LargestSizeFinder $reaching): Response
    {
        $stored = $this->stored($id);
        // What lies in the box is there already; who has more, or less, types it.
        $sent = $request->query->has('have')
            ? $request->query
            : new ParameterBag(['have' => $reaching->atHand($stored)] + $request->query->all());
        $reached = $reaching->of($stored, $sent);

        return $this->render('sizes/reach.html.twig', [
            'stored' => $stored,
            'reached' => $reached,
        ], new Response(status: [] === $reached->faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * Lays the design on the Table as far as what is at hand goes.
     */
    #[Route('/reach', 'reach_lay', methods: 'POST')]
    public function lay(int $id, Request $request, LargestSizeFinder $reaching): Response
    {
        $sent = LooseData::form($request);
        $stored = $this->stored($id);
        $step = $sent->exact('step', 0, 9999) ?? throw $this->createNotFoundException();
        $wish = $reaching->wish($stored, $sent->raw('by'), $step);
        $laid = $this->pieces->add($wish->renamed($this->pieces->freeName($wish->name)));

        return $this->redirectToRoute('piece', ['id' => $laid->id()], Response::HTTP_SEE_OTHER);
    }

    private function stored(int $id): StoredPiece
    {
        return $this->pieces->find($id) ?? throw $this->createNotFoundException();
    }

    /**
     * @return array{StoredPiece, SizesRequest}
     */
    private function asked(int $id, Request $request, bool $byAnyone = false): array
    {
        $stored = $this->stored($id);

        return [$stored, $this->asking->of($stored, $request->query, $byAnyone)];
    }

    /**
     * @param callable(SizesRequest, RequestedSizes): string $write
     */
    private function paper(int $id, Request $request, callable $write, string $name, bool $byAnyone): Response
    {
        [, $asked] = $this->asked($id, $request, $byAnyone);
        if (null === $asked->sizes) {
            // The page says what is wrong with the list.
            return $this->redirectToRoute('sizes', ['id' => $id] + $request->query->all(), Response::HTTP_SEE_OTHER);
        }

        return PaperController::pdf($write($asked, $this->asking), 'rinkel-'.$name);
    }

    private static function chosen(StoredPiece $stored, SizesRequest $asked): ChosenPieces
    {
        $pieces = [];
        foreach ($asked->sizes->all ?? [] as $i => $sized) {
            \assert($sized instanceof Sized);
            if (($asked->counts[$i] ?? 1) > 0) {
                $pieces[] = [$stored, $sized->plan, $asked->counts[$i] ?? 1, null];
            }
        }

        return new ChosenPieces($pieces);
    }
}
