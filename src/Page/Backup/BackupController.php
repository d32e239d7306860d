<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Backup;

use Psr\Clock\ClockInterface;
use Rinkel\App\Backup\Archive;
use Rinkel\App\Backup\ArchiveUnreadable;
use Rinkel\App\Backup\ImportPreview;
use Rinkel\App\Jobs\Jobs;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Platform\Files\UploadedFiles;
use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Message;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The page of a maker's own data: all of them as one archive, and an archive read back, after a look at what it would
 * change.
 */
#[Route('/data')]
final class BackupController extends AbstractController
{
    /** So many things are exported or imported within a second or two (measured); of more, it is told how far it is. */
    private const MANY = 400;

    private const TOKEN = ['token' => '[0-9a-f]{32}'];

    public function __construct(
        private readonly Archive $archive,
        private readonly ImportPreview $looking,
        private readonly ClockInterface $clock,
        private readonly UploadedFiles $arriving,
        private readonly Bin $bin,
        private readonly Jobs $jobs,
    ) {}

    #[Route('', 'data', methods: 'GET')]
    public function page(): Response
    {
        return $this->answer();
    }

    #[Route('/rinkel.zip', 'data_save', methods: 'GET')]
    public function save(): Response
    {
        $response = new BinaryFileResponse(
            $this->archive->temporary(),
            headers: ['Content-Type' => 'application/zip'],
            public: false,
        );
        $response->setContentDisposition('attachment', \sprintf('rinkel-%s.zip', $this->clock->now()->format('Y-m-d')));

        return $response->deleteFileAfterSend();
    }

    /**
     * Exports everything: at once, or as a job where there is much of it.
     */
    #[Route('/save', 'data_export', methods: 'POST')]
    #[ChangesNothing]
    public function export(): Response
    {
        return $this->archive->count() < self::MANY
            ? $this->redirectToRoute('data_save', status: Response::HTTP_SEE_OTHER)
            : $this->redirectToRoute('job', ['uid' => $this->jobs->begin('export')], Response::HTTP_SEE_OTHER);
    }

    #[Route('', 'data_look', methods: 'POST')]
    #[ChangesNothing]
    public function arrive(Request $request): Response
    {
        $file = $request->files->all()['archive'] ?? null;
        $token = LooseData::form($request)->raw('token');
        if (null === $this->arriving->file($token)) {
            if (!$file instanceof UploadedFile || !$file->isValid()) {
                return $this->answer(ArchiveUnreadable::noArchive()->said());
            }
            $token = $this->arriving->keep($file);
        }

        return $this->redirectToRoute('data_looked', ['token' => $token], Response::HTTP_SEE_OTHER);
    }

    /**
     * Takes one part of an archive that is too large to be sent at once.
     */
    #[Route('/part', 'data_part', methods: 'POST')]
    #[ChangesNothing]
    public function part(Request $request): Response
    {
        [$sent, $part] = [LooseData::form($request), $request->files->all()['part'] ?? null];
        $at = $sent->has('at') ? $sent->like('at', '/^\d{1,10}$/D') : '0';
        $token = '' === $sent->raw('token') ? null : $sent->raw('token');
        $isWhole = $part instanceof UploadedFile && $part->isValid() && '' !== $at;
        $token = $isWhole ? $this->arriving->part($token, (int) $at, $part) : null;

        return new JsonResponse(
            ['token' => $token],
            null === $token ? Response::HTTP_UNPROCESSABLE_ENTITY : Response::HTTP_OK,
        );
    }

    /**
     * Shows what an archive would change, once it was looked at; until then how far that is.
     */
    #[Route('/look/{token}', 'data_looked', requirements: self::TOKEN, methods: 'GET')]
    public function looked(string $token, Request $request): Response
    {
        $file = $this->arriving->file($token);
        if (null === $file) {
            return $this->answer(new Message('archive-gone'));
        }
        try {
            $looked = $this->looking->step($file);
        } catch (ArchiveUnreadable $unreadable) {
            $this->arriving->forget($file);

            return $this->answer($unreadable->said());
        }
        $isPart = $request->headers->has('HX-Request');

        return $this->render(
            $isPart ? 'backup/_look.html.twig' : 'backup/look.html.twig',
            [
                'looked' => $looked, 'token' => $token, 'most' => ImportPreview::SHOWN,
                'is_long' => $looked->all >= self::MANY,
            ],
            new Response(headers: $isPart && $looked->isDone ? ['HX-Refresh' => 'true'] : []),
        );
    }

    #[Route('/take', 'data_take', methods: 'POST')]
    public function take(Request $request): Response
    {
        $sent = LooseData::form($request);
        $file = $this->arriving->file($sent->raw('token'));
        if (null === $file || !$this->looking->looked($file)->isDone) {
            return $this->answer(new Message('archive-gone'));
        }

        return $this->redirectToRoute(
            'data',
            ['taken' => $this->looking->take($file, $sent->list('take'), $sent->list('all'))],
            Response::HTTP_SEE_OTHER,
        );
    }

    /**
     * Takes what was chosen of an archive with much in it, as a job.
     */
    #[Route('/take-long', 'data_take_long', methods: 'POST')]
    #[ChangesNothing]
    public function takeLong(Request $request): Response
    {
        $sent = LooseData::form($request);
        $file = $this->arriving->file($sent->raw('token'));
        if (null === $file || !$this->looking->looked($file)->isDone) {
            return $this->answer(new Message('archive-gone'));
        }
        $uid = $this->jobs->begin('import', [
            'token' => $sent->raw('token'), 'take' => $sent->list('take'), 'all' => $sent->list('all'),
        ]);

        return $this->redirectToRoute('job', ['uid' => $uid], Response::HTTP_SEE_OTHER);
    }

    private function answer(?Message $wrong = null): Response
    {
        return $this->render(
            'backup/data.html.twig',
            ['wrong' => $wrong, 'removed' => $this->bin->count(), 'days' => Bin::DAYS],
            new Response(status: null === $wrong ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
