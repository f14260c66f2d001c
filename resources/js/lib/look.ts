import { http } from '@inertiajs/svelte';

/** What a file would do, or the sentence that refuses it. Nothing is taken by looking. */
export async function lookAt<Seen>(url: string, data: FormData): Promise<Seen | string> {
    try {
        const response = await http
            .getClient()
            .request({ method: 'post', url, data, headers: { Accept: 'application/json' } });
        return JSON.parse(response.data) as Seen;
    } catch (error) {
        const refused = (error as { response?: { status: number; data: string } }).response;
        if (refused?.status !== 422) {
            return 'The server did not answer. Nothing was taken; try again.';
        }
        const { errors } = JSON.parse(refused.data) as { errors: Record<string, string[]> };
        return Object.values(errors).flat().join(' ');
    }
}
