@extends('errors.page', [
    'status' => 413,
    'heading' => say('pages.errors-413.what-sent-too-large'),
    'title' => say('pages.errors-413.too-large'),
])

@section('said')
    It takes up to {{ round(config('photos.most_kilobytes') / 1000) }} MB at once. Nothing was changed; go back, and
    choose a smaller photograph or file.
@endsection
