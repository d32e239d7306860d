<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Stock;

use Rinkel\App\Platform\Files\Tables;
use Rinkel\App\Platform\Files\UploadedFiles;
use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StockTables;
use Rinkel\App\Stock\TablePreview;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\Core\Message;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The stock as tables: saved for other programs, and taken in from them, once it was seen what that changes.
 */
#[Route('/stock')]
final class StockTablesController extends AbstractController
{
    public function __construct(
        private readonly StockTables $tables,
        private readonly StockBox $stock,
        private readonly StockMovements $movements,
        private readonly UploadedFiles $arriving,
    ) {}

    #[Route('/tables', 'stock_tables', methods: 'GET')]
    public function show(): Response
    {
        return $this->page();
    }

    #[Route('/stock.csv', 'stock_csv', methods: 'GET')]
    public function csv(): Response
    {
        return new Response(Tables::csv($this->tables->rows()), headers: [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="rinkel-stock.csv"',
        ]);
    }

    #[Route('/stock.xlsx', 'stock_xlsx', methods: 'GET')]
    public function xlsx(): Response
    {
        return new Response(Tables::xlsx($this->tables->rows()), headers: [
            'Content-Type' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
            'Content-Disposition' => 'attachment; filename="rinkel-stock.xlsx"',
        ]);
    }

    #[Route('/tables', 'stock_tables_look', methods: 'POST')]
    #[ChangesNothing]
    public function look(Request $request): Response
    {
        $file = $request->files->all()['table'] ?? null;
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            return $this->page(wrong: new Message('table-none'));
        }
        $token = $this->arriving->keep($file);
        if (null === $this->tables->rowsOf((string) $this->arriving->file($token))) {
            $this->arriving->forget((string) $this->arriving->file($token));

            return $this->page(wrong: new Message('table-unread'));
        }

        return $this->redirectToRoute('stock_tables_looked', ['token' => $token], Response::HTTP_SEE_OTHER);
    }

    /**
     * Shows what a table would change, which was read when it came.
     */
    #[Route('/tables/{token}', 'stock_tables_looked', requirements: ['token' => '[0-9a-f]{32}'], methods: 'GET')]
    public function looked(string $token): Response
    {
        $file = $this->arriving->file($token);
        $preview = null === $file ? null : $this->tables->look($file);
        if (null === $preview || !$preview->hasKind) {
            return $this->page(wrong: null === $preview ? new Message('table-none') : new Message('table-kind'));
        }

        return $this->page($preview, $token);
    }

    #[Route('/tables/take', 'stock_tables_take', methods: 'POST')]
    public function take(Request $request): Response
    {
        $sent = LooseData::form($request);
        $token = $sent->raw('token');
        $file = $this->arriving->file($token);
        $preview = null === $file ? null : $this->tables->look($file);
        if (null === $file || null === $preview) {
            return $this->page(wrong: new Message('table-none'));
        }
        $mark = $sent->raw('mark');
        $chosen = $preview->chosen($sent->list('take'), '1' === $sent->raw('others'));
        try {
            if ([] !== $chosen) {
                $this->movements->bringIn($chosen, $mark, (string) \count($chosen));
            }
        } catch (TakenMeanwhile) {
            return $this->page($preview, $token, isLate: true);
        }
        $this->arriving->forget($file);

        return $this->redirectToRoute(
            'stock',
            ['kind' => ($chosen[0]->kind ?? null)?->value],
            Response::HTTP_SEE_OTHER,
        );
    }

    private function page(
        ?TablePreview $preview = null,
        string $token = '',
        ?Message $wrong = null,
        bool $isLate = false,
    ): Response {
        return $this->render('stock/tables.html.twig', [
            'preview' => $preview,
            'token' => $token,
            'mark' => $this->stock->mark(),
            'wrong' => $wrong,
            'late' => $isLate,
            'columns' => StockTables::columns(),
        ], new Response(status: match (true) {
            $isLate => Response::HTTP_CONFLICT,
            null !== $wrong => Response::HTTP_UNPROCESSABLE_ENTITY,
            default => Response::HTTP_OK,
        }));
    }
}
