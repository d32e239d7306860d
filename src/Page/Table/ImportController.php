<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Table;

use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Table\Arrival;
use Rinkel\App\Table\Arrivals;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Fault;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Lays pieces from files on the Table: first shows what each would be, or what is wrong with it.
 */
#[Route('/import')]
final class ImportController extends AbstractController
{
    /** So many files are looked at in one go, and for so many seconds. */
    private const MOST = 50;
    private const SECONDS = 2;

    public function __construct(private readonly Arrivals $arrivals) {}

    #[ChangesNothing]
    #[Route('', 'import', methods: 'POST')]
    public function look(Request $request): Response
    {
        $pasted = trim(LooseData::form($request)->raw('text'));
        $arrivals = '' === $pasted ? [] : $this->arrivals->in('', $pasted);
        $begun = microtime(true);
        foreach (self::uploaded($request) as $i => $file) {
            $name = mb_substr(mb_scrub($file->getClientOriginalName()), 0, 120);
            $isLate = $i >= self::MOST || microtime(true) - $begun > self::SECONDS;
            array_push($arrivals, ...($isLate
                ? [new Arrival($name, '', null, [new Fault('piece', new Message('later', ['most' => self::MOST]))])]
                : $this->arrivals->in(
                    $name,
                    $file->isValid() ? (string) file_get_contents($file->getPathname()) : '',
                )));
        }

        return $this->render(
            'table/import.html.twig',
            ['arrivals' => $arrivals],
            new Response(status: [] === $arrivals ? Response::HTTP_UNPROCESSABLE_ENTITY : Response::HTTP_OK),
        );
    }

    #[Route('/lay', 'import_lay', methods: 'POST')]
    public function lay(Request $request): Response
    {
        $sent = LooseData::form($request);
        $documents = $sent->within('documents');
        $arrivals = [];
        foreach ($sent->list('lay') as $which) {
            if ($documents->has($which)) {
                $arrivals[] = $this->arrivals->look('#'.((int) $which + 1), $documents->raw($which));
            }
        }
        if ([] !== array_filter($arrivals, static fn (Arrival $arrival): bool => null === $arrival->plan)) {
            return $this->render(
                'table/import.html.twig',
                ['arrivals' => $arrivals],
                new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
            );
        }
        foreach (array_reverse($arrivals) as $arrival) {
            $this->arrivals->lay($arrival);
        }

        return $this->redirectToRoute('table', [], Response::HTTP_SEE_OTHER);
    }

    /**
     * @return list<UploadedFile>
     */
    private static function uploaded(Request $request): array
    {
        $files = $request->files->all()['files'] ?? [];
        $all = [];
        foreach (\is_array($files) ? $files : [$files] as $file) {
            if ($file instanceof UploadedFile) {
                $all[] = $file;
            }
        }

        return $all;
    }
}
