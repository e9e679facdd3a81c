<x-layout :title="'Photos, '.$job->title">
    <main class="yard">
        <div class="yard-head"><h1>Photos <span class="font-normal text-muted">· {{ $job->title }}</span></h1><a class="button" href="{{ route('jobs.resume', $job) }}">Back to the bench</a></div>
        <form method="post" action="{{ route('photos.store', $job) }}" enctype="multipart/form-data" class="card photo-form">
            @csrf
            <x-picked name="shows" label="It shows" :options="array_combine(array_column(\App\Models\PhotoPurpose::cases(), 'value'), array_map(fn ($shows) => ucfirst($shows->value), \App\Models\PhotoPurpose::cases()))" />
            <div class="field">
                <label for="photo">Photo</label>
                <input id="photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp" aria-describedby="photo-says">
                <p class="sentence" id="photo-says" @error('photo') data-tone="stop" role="alert" @enderror>@error('photo'){{ $message }}@else It is made smaller, and its location is removed. It needs a connection.@enderror</p>
            </div>
            <button class="button is-first">Save photo</button>
        </form>
        @if ($job->photos->isEmpty())
            <div class="card empty"><p class="text-xl font-bold">No photo yet.</p><p>The placards at the brief, the washers at the head, the mark on the link at the hand-over: they are here at the return visit.</p></div>
        @endif
        <div class="photos">
            @foreach ($job->photos as $photo)
                <figure class="card">
                    <img src="{{ route('photos.picture', [$job, $photo->id]) }}" alt="{{ ucfirst($photo->shows->value) }}" width="{{ $photo->width }}" height="{{ $photo->height }}" loading="lazy">
                    <figcaption><strong>{{ ucfirst($photo->shows->value) }}</strong> <span class="who">{{ $photo->user->name }}, {{ $photo->taken_at->format('j M Y H:i') }}</span></figcaption>
                    <form method="post" action="{{ route('photos.withdraw', [$job, $photo->id]) }}">@csrf<button class="button is-small">Delete photo</button></form>
                </figure>
            @endforeach
        </div>
    </main>
</x-layout>
