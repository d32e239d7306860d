<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Stock;

use Rinkel\App\Kept\Bin;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\ItemReader;
use Rinkel\App\Stock\KeptStock;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockEntry;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Stock\StoredItem;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Tray;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Stock\Kind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * One thing in the stock box: put in, changed, weighed, taken out.
 */
final class ItemController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    public function __construct(
        private readonly StockBox $stock,
        private readonly ItemReader $reader,
        private readonly Preferences $preferences,
        private readonly StockView $view,
    ) {}

    #[Route('/stock', 'stock_keep', methods: 'POST')]
    public function keep(Request $request): Response
    {
        $sent = LooseData::form($request);
        $stored = $this->stock->find($sent->id('id'));
        $kind = $stored?->kind() ?? Kind::tryFrom($sent->raw('kind')) ?? Kind::Cord;
        $typed = self::typed($kind, $sent->within('c'));
        if (null === $stored && '' !== $sent->raw('id')) {
            return $this->page($kind, $typed, ['gone' => true], Response::HTTP_CONFLICT);
        }
        try {
            if ($sent->has('weigh')) {
                return $this->weighed($kind, $typed, $stored, $sent->within('w'));
            }
            $told = $this->reader->read($kind, self::document($typed), 'new', $this->preferences->unit());
            $twin = null === $stored && Kind::Glue !== $kind && !$sent->has('twice')
                ? $this->twin($told) : null;
            if (null !== $twin) {
                return $this->page($kind, $typed, ['twin' => $twin], Response::HTTP_CONFLICT);
            }
            null === $stored
                ? $this->stock->keep(null, $kind, $told->document)
                : $this->stock->change($stored, $told->document, $sent->raw('was'));

            return $this->redirectToRoute('stock', ['kind' => $kind->value], Response::HTTP_SEE_OTHER);
        } catch (TakenMeanwhile) {
            $more = ['stored' => $this->stock->find($sent->id('id')), 'changed' => true];

            return $this->page($kind, $typed, $more, Response::HTTP_CONFLICT);
        } catch (PieceUnreadable $unreadable) {
            $more = ['faults' => self::byField($unreadable), 'stored' => $stored];

            return $this->page($kind, $typed, $more, Response::HTTP_UNPROCESSABLE_ENTITY);
        }
    }

    /**
     * Returns what is in stock already of the same kind.
     */
    private function twin(StockEntry $told): ?StockRow
    {
        $key = $told->item->materialKey();

        return $this->stock->like([$key])[$key] ?? null;
    }

    /**
     * @return array<string, non-empty-list<Fault>> what is wrong in a list, at its field
     */
    private static function byField(PieceUnreadable $unreadable): array
    {
        $faults = [];
        foreach ($unreadable->faults as $fault) {
            $faults[explode('.', $fault->path)[0]][] = $fault;
        }

        return $faults;
    }

    /**
     * Answers with the form as it was typed, and in it how many beads the scale told of.
     *
     * @param array<string, string> $typed
     */
    private function weighed(Kind $kind, array $typed, ?StoredItem $stored, LooseData $sent): Response
    {
        $weighed = [];
        foreach (['counted', 'some', 'all'] as $field) {
            $weighed[$field] = $sent->text($field, 20);
        }
        $gram = static fn (string $text): float => (float) str_replace(',', '.', $text);
        try {
            $tray = Tray::weighed((int) $weighed['counted'], $gram($weighed['some']), $gram($weighed['all']));

            return $this->page(
                $kind,
                ['count' => (string) $tray->count] + $typed,
                ['stored' => $stored, 'weighed' => $weighed, 'tray' => $tray],
            );
        } catch (Failure $failure) {
            return $this->page($kind, $typed, [
                'faults' => ['weighed' => [new Fault('weighed', $failure->said())]],
                'stored' => $stored,
                'weighed' => $weighed,
            ], Response::HTTP_UNPROCESSABLE_ENTITY);
        }
    }

    #[Route('/stock/{id}/delete', 'stock_delete', requirements: self::ID, methods: 'POST')]
    public function delete(int $id, Bin $bin, KeptStock $kept): Response
    {
        $stored = $this->stock->find($id) ?? throw $this->createNotFoundException();
        $removal = $bin->put($kept, $stored);

        return $this->redirectToRoute(
            'stock',
            ['kind' => $stored->kind()->value, 'removed' => $removal->uid],
            Response::HTTP_SEE_OTHER,
        );
    }

    /**
     * @return array<string, string>
     */
    private static function typed(Kind $kind, LooseData $sent): array
    {
        $typed = array_fill_keys(ItemReader::fields($kind), '');
        foreach (array_keys($typed) as $field) {
            $list = \in_array($field, ItemReader::LISTS, true) ? implode(', ', $sent->list($field)) : '';
            $typed[$field] = '' === $list ? $sent->text($field) : LooseData::of([$field => $list])->text($field);
        }

        return $typed;
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, string|list<string>>
     */
    private static function document(array $typed): array
    {
        $document = $typed;
        foreach (array_intersect(ItemReader::LISTS, array_keys($typed)) as $of) {
            $document[$of] = ItemReader::listed($typed[$of]);
        }

        return $document;
    }

    /**
     * @param array<string, string> $typed
     * @param array<string, mixed>  $more
     */
    private function page(Kind $kind, array $typed, array $more, int $status = Response::HTTP_OK): Response
    {
        return $this->render(
            'stock/stock.html.twig',
            $this->view->of($kind, $typed, $more),
            new Response(status: $status),
        );
    }
}
