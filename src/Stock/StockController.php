<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Quoted;
use Rinkel\Core\Said;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Stock page, cords with their spools and offcuts; and the cut sheet of some pieces.
 */
final class StockController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    private const BLANK = [
        'name' => '', 'fibre' => 'polyester', 'thickness' => '1 mm', 'width' => '', 'colour' => '#2e4a62',
        'offcuts' => '', 'spools' => '', 'low' => '', 'price' => '', 'place' => '', 'supplier' => '',
    ];

    public function __construct(
        private readonly CordStock $stock,
        private readonly CutPlans $plans,
        private readonly StockReader $reader,
        private readonly Preferences $preferences,
    ) {}

    #[Route('/stock', 'stock', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = $request->query->all()['edit'] ?? '';
        $stored = $this->asked($asked);
        $typed = self::BLANK;
        foreach (null === $stored ? [] : array_keys($typed) as $field) {
            $typed[$field] = \in_array($field, ['offcuts', 'spools'], true)
                ? implode(', ', $stored?->lengths($field) ?? [])
                : $stored?->text($field) ?? '';
        }

        return $this->page($typed, [], $stored, isset($request->query->all()['late']));
    }

    #[Route('/stock', 'stock_keep', methods: 'POST')]
    public function keep(Request $request): Response
    {
        $sent = $request->request->all()['c'] ?? null;
        $asked = $request->request->all()['id'] ?? '';
        $stored = $this->asked($asked);
        $typed = self::BLANK;
        foreach (array_keys($typed) as $field) {
            $value = \is_array($sent) ? $sent[$field] ?? '' : '';
            $typed[$field] = \is_scalar($value) ? mb_substr(trim(mb_scrub((string) $value)), 0, 2000) : '';
        }
        try {
            $document = $this->document($typed);
            $this->stock->keep($stored, $document);

            return $this->redirectToRoute('stock', [], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable $unreadable) {
            $faults = [];
            foreach ($unreadable->faults as $fault) {
                $path = explode(
                    '.',
                    str_starts_with($fault->path, 'cord.') ? substr($fault->path, 5) : $fault->path,
                )[0];
                $faults[$path][] = $fault;
            }

            return $this->page($typed, $faults, $stored);
        }
    }

    #[Route('/stock/{id}/delete', 'stock_delete', requirements: self::ID, methods: 'POST')]
    public function delete(int $id): Response
    {
        $this->stock->remove($this->stock->find($id) ?? throw $this->createNotFoundException());

        return $this->redirectToRoute('stock', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/stock/stock.json', 'stock_export', methods: 'GET')]
    public function export(): Response
    {
        $response = new JsonResponse($this->stock->document());
        $response->setEncodingOptions(\JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE);
        $response->headers->set('Content-Disposition', 'attachment; filename="rinkel-stock.json"');

        return $response;
    }

    #[Route('/cut', 'cut', methods: 'GET')]
    public function cut(Request $request): Response
    {
        return $this->cutPage(self::ids($request->query->all()['p'] ?? null), false);
    }

    #[Route('/cut/take', 'cut_take', methods: 'POST')]
    public function take(Request $request): Response
    {
        $all = $request->request->all();
        $ids = self::ids($all['p'] ?? null);
        $pieces = $this->plans->pieces($ids);
        try {
            $names = array_map(static fn ($piece): string => \is_string($piece->document()['name'] ?? null)
                ? $piece->document()['name']
                : '', $pieces);
            $mark = \is_string($all['mark'] ?? null) ? $all['mark'] : '';
            $this->stock->take($this->plans->of($pieces), $mark, implode(', ', $names));

            return $this->redirectToRoute('stock', ['taken' => 1], Response::HTTP_SEE_OTHER);
        } catch (TakenMeanwhile) {
            return $this->cutPage($ids, true);
        }
    }

    #[Route('/stock/undo/{id}', 'stock_undo', requirements: self::ID, methods: 'POST')]
    public function undo(int $id): Response
    {
        try {
            $this->stock->undo($id);

            return $this->redirectToRoute('stock', [], Response::HTTP_SEE_OTHER);
        } catch (TakenMeanwhile) {
            return $this->redirectToRoute('stock', ['late' => 1], Response::HTTP_SEE_OTHER);
        }
    }

    private function asked(mixed $id): ?StoredCord
    {
        return \is_string($id) && 1 === preg_match('/^\d{1,18}$/D', $id) ? $this->stock->find((int) $id) : null;
    }

    /**
     * @param list<int> $ids
     */
    private function cutPage(array $ids, bool $isLate): Response
    {
        $pieces = $this->plans->pieces($ids);

        return $this->render('stock/cut.html.twig', [
            'pieces' => $pieces,
            'offered' => $this->plans->offered(),
            'cutting' => $this->plans->of($pieces),
            'labels' => $this->plans,
            'mark' => $this->stock->mark(),
            'late' => $isLate,
            'unit' => $this->preferences->unit(),
        ], new Response(status: $isLate ? Response::HTTP_CONFLICT : Response::HTTP_OK));
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    private function page(array $typed, array $faults, ?StoredCord $stored, bool $late = false): Response
    {
        return $this->render('stock/stock.html.twig', [
            'rows' => $this->stock->rows(),
            'typed' => $typed,
            'faults' => $faults,
            'stored' => $stored,
            'fibres' => Fibre::cases(),
            'taking' => $this->stock->lastTaking(),
            'late' => $late,
            'unit' => $this->preferences->unit(),
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * Returns what was typed as a document that can be read, lengths in mm.
     *
     * @param array<string, string> $typed
     *
     * @return array<string, mixed>
     *
     * @throws PieceUnreadable If it cannot be
     */
    private function document(array $typed): array
    {
        $document = array_filter($typed, static fn (string $text): bool => '' !== $text);
        foreach (['offcuts', 'spools'] as $of) {
            // A decimal comma is no comma between lengths: "12,5 cm, 30 cm".
            $document[$of] = array_values(array_filter(array_map(
                trim(...),
                preg_split('/[;\n]|,(?!\d)/', $typed[$of]) ?: [],
            ), static fn (string $text): bool => '' !== $text));
        }
        $cord = $this->reader->cord($document, 'new', $this->preferences->unit());
        if ('' !== $typed['price']) {
            if (1 !== preg_match('/^\d{1,6}(?:[.,]\d{1,4})?$/D', $typed['price'])) {
                throw PieceUnreadable::at('price', new Said('price-unread', ['typed' => new Quoted($typed['price'])]));
            }
            $document['price'] = str_replace(',', '.', $typed['price']);
        }
        if ('' !== $typed['low']) {
            try {
                $document['low'] = (string) Length::parse($typed['low'], $this->preferences->unit());
            } catch (Failure $failure) {
                throw PieceUnreadable::at('low', $failure->said());
            }
        }
        $kept = ['offcuts' => [], 'spools' => []];
        foreach ($cord->supplies as $supply) {
            $of = $supply->isSpool ? 'spools' : 'offcuts';
            $kept[$of][] = null === $supply->length ? '?' : (string) $supply->length;
        }

        return $kept + $document;
    }

    /**
     * @return list<int>
     */
    private static function ids(mixed $sent): array
    {
        return array_map(intval(...), array_values(array_filter(
            \is_array($sent) ? $sent : [],
            static fn (mixed $id): bool => \is_string($id) && 1 === preg_match('/^\d{1,18}$/D', $id),
        )));
    }
}
