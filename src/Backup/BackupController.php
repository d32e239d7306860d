<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Psr\Clock\ClockInterface;
use Rinkel\App\Platform\Files\Arriving;
use Rinkel\App\Settings\Light;
use Rinkel\Core\Said;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\File\UploadedFile;
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
    public function __construct(
        private readonly Archive $archive,
        private readonly ArchiveReader $reader,
        private readonly Light $light,
        private readonly ClockInterface $clock,
        private readonly Arriving $arriving,
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
            $this->archive->write($this->light->chosen()),
            headers: ['Content-Type' => 'application/zip'],
        );
        $response->setContentDisposition('attachment', \sprintf('rinkel-%s.zip', $this->clock->now()->format('Y-m-d')));

        return $response->deleteFileAfterSend();
    }

    #[Route('', 'data_look', methods: 'POST')]
    public function look(Request $request): Response
    {
        $file = $request->files->all()['archive'] ?? null;
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            return $this->answer(wrong: ArchiveUnreadable::noArchive()->said());
        }
        try {
            $entries = $this->reader->entries($file->getPathname());
        } catch (ArchiveUnreadable $unreadable) {
            return $this->answer(wrong: $unreadable->said());
        }

        return $this->answer($entries, $this->arriving->keep($file));
    }

    #[Route('/take', 'data_take', methods: 'POST')]
    public function take(Request $request): Response
    {
        $sent = $request->request->all();
        $file = $this->arriving->file($sent['token'] ?? null);
        if (null === $file) {
            return $this->answer(wrong: ArchiveUnreadable::noArchive()->said());
        }
        $chosen = array_filter(\is_array($sent['take'] ?? null) ? $sent['take'] : [], is_string(...));
        $taken = $this->reader->take(
            array_values(
                array_filter(
                    $this->reader->entries($file),
                    static fn (Entry $entry): bool => \in_array($entry->uid, $chosen, true),
                ),
            ),
        );
        unlink($file);

        return $this->redirectToRoute('data', ['taken' => $taken], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param list<Entry>|null $entries
     */
    private function answer(?array $entries = null, string $token = '', ?Said $wrong = null): Response
    {
        return $this->render(
            'backup/data.html.twig',
            ['entries' => $entries, 'token' => $token, 'wrong' => $wrong],
            new Response(status: null === $wrong ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
